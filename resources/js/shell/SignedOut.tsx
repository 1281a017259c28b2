import { chakra } from '@chakra-ui/react';
import { Bar } from '../controls/Bar';
import { SignInForm } from './SignIn';

/** The session ended while the page was worked at: said at its top, with the way in again; the page stays as it is. */
export const SignedOut = ({ name, email }: { name: string; email: string }) => (
  <Bar>
    <chakra.span flex="1" minW="240px" py="2">
      <chakra.strong fontFamily="heading" fontSize="20px" color="brass" display="block">
        {name} is signed out
      </chakra.strong>
      What is typed here waits, and is kept once you are in again.
    </chakra.span>
    <chakra.span py="2">
      <SignInForm email={email} inLine />
    </chakra.span>
  </Bar>
);

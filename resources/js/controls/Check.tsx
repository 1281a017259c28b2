import { chakra } from '@chakra-ui/react';
import type { ReactNode } from 'react';

/** A choice that is on or off, as large as a thumb. */
export const Check = ({
  checked,
  onCheck,
  children,
}: {
  checked: boolean;
  onCheck: (checked: boolean) => void;
  children: ReactNode;
}) => (
  <chakra.label display="flex" alignItems="center" gap="3" minH="44px" cursor="pointer">
    <chakra.input
      type="checkbox"
      w="22px"
      h="22px"
      accentColor="blue"
      checked={checked}
      onChange={(e) => onCheck(e.target.checked)}
    />
    {children}
  </chakra.label>
);

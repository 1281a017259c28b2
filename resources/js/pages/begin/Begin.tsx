import { Box, chakra, Flex, Grid } from '@chakra-ui/react';
import { type FormEvent, useState } from 'react';
import { Link, useLocation, useNavigate, useParams } from 'react-router';
import { type NewShop, useBegin, useBeginning } from '../../api/session';
import { Button } from '../../controls/Button';
import { Input, Labelled } from '../../controls/Field';
import { Pick } from '../../controls/Pick';
import { Loading, Trouble } from '../../controls/States';
import { useTitle } from '../../controls/title';
import { lastMode, useMode } from '../../theme/mode';
import { ShopFields, type TypedShop } from '../shop/ShopFields';
import { inchesHere, zoneHere } from '../shop/zones';
import { After } from './After';

/** A shop begins: itself and its first person, then what it may begin with. */
export function Begin() {
  useTitle('Begin');
  const { stage } = useParams();
  useMode(lastMode());
  return (
    <Box as="main" minH="100%" px={{ base: '5', lg: '10' }} py="6" maxW="1180px" mx="auto">
      {stage ? <After stage={stage} /> : <First />}
    </Box>
  );
}

function First() {
  const { search } = useLocation();
  const { isSuccess, error, refetch } = useBeginning(search);
  if (error?.status === 410) {
    return (
      <Box maxW="520px" py="10">
        <chakra.h1 fontSize="30px" mb="2">
          This address begins no shop
        </chakra.h1>
        <chakra.p mb="4">
          A shop has begun here already, or the address is older than a week. Whoever runs the server prints a new one
          with <code>php artisan shop:begin</code>.
        </chakra.p>
        <Link to="/sign-in">
          <chakra.span color="blue" fontWeight="600">
            Sign in
          </chakra.span>
        </Link>
      </Box>
    );
  }
  if (error) return <Trouble refusal={error} again={refetch} />;
  return isSuccess ? <Form search={search} /> : <Loading what="whether a shop can begin here" />;
}

type Who = 'several' | 'alone';

function Form({ search }: { search: string }) {
  const navigate = useNavigate();
  const { mutate, isPending, error } = useBegin(search);
  const [who, setWho] = useState<Who>('several');
  const [shop, setShop] = useState<TypedShop>(() => ({
    name: '',
    place: '',
    time_zone: zoneHere(),
    currency: inchesHere() ? '$' : '€',
    hour: '54.00',
    units: inchesHere() ? 'in' : 'mm',
    paper: inchesHere() ? 'letter' : 'a4',
    press: '',
    draw_bolt: 'M12',
  }));
  const [person, setPerson] = useState({ name: '', email: '', password: '' });
  const submit = (event: FormEvent) => {
    event.preventDefault();
    if (isPending) return;
    const alone = who === 'alone';
    const body = {
      // Whoever works alone need not think of a name for it.
      shop: { ...shop, name: shop.name.trim() || (alone ? person.name : ''), alone, prices: !alone },
      person,
    } as NewShop;
    mutate(body, { onSuccess: () => navigate('/begin/wall', { replace: true }) });
  };
  const you = (name: keyof typeof person, label: string, type: string, fills: string, hint?: string) => (
    <Labelled label={label} hint={hint} fault={error?.about(`person.${name}`) ?? error?.about(name)}>
      {(props) => (
        <Input
          {...props}
          type={type}
          autoComplete={fills}
          value={person[name]}
          onChange={(e) => setPerson({ ...person, [name]: e.target.value })}
        />
      )}
    </Labelled>
  );
  return (
    <Box as="form" onSubmit={submit} aria-label="Begin">
      <chakra.h1 fontSize="36px">Begin</chakra.h1>
      <chakra.p color="mute" mb="5" maxW="62ch">
        Your own shop, kept on this machine. Everything here can be changed later, under Shop.
      </chakra.p>
      <Grid templateColumns={{ base: 'minmax(0, 1fr)', lg: 'minmax(0, 1.5fr) minmax(0, 1fr)' }} gap="10">
        <Box>
          <chakra.h2 fontSize="22px" mb="3">
            The shop
          </chakra.h2>
          <ShopFields typed={shop} onType={setShop} fault={(field) => error?.about(`shop.${field}`)} />
        </Box>
        <Flex direction="column" gap="4">
          <chakra.h2 fontSize="22px">You</chakra.h2>
          <Pick<Who>
            label="Who works here"
            hint={
              who === 'alone'
                ? 'No roles, no other people; prices stay hidden until you want them.'
                : 'You own it; others join later.'
            }
            options={[
              ['several', 'Several people'],
              ['alone', 'Just me'],
            ]}
            chosen={who}
            onPick={setWho}
          />
          {you('name', 'Your name', 'text', 'name')}
          {you('email', 'E-mail you sign in with', 'email', 'username')}
          {you('password', 'Password', 'password', 'new-password', 'eight signs or more')}
          {error && error.problem.errors.length === 0 && (
            <Box role="alert" color="oxide">
              {error.message}
            </Box>
          )}
          <Button type="submit" disabled={isPending} mt="2">
            {isPending ? 'Beginning…' : 'Begin'}
          </Button>
        </Flex>
      </Grid>
    </Box>
  );
}

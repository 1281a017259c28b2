import { Box, chakra, Flex, Grid } from '@chakra-ui/react';
import { type FormEvent, useState } from 'react';
import { useCount, useShelf } from '../../api/buying';
import { Button } from '../../controls/Button';
import { Input, Labelled } from '../../controls/Field';
import { More } from '../../controls/More';
import { Empty, Loading, Trouble } from '../../controls/States';

/** What lies on the shop's own shelf; a job that needs it is told. */
export function Shelf() {
  const shelf = useShelf();
  const { data, error, refetch } = shelf;
  const { mutate: count, isPending, error: refused } = useCount();
  const [article, setArticle] = useState('');
  const [pieces, setPieces] = useState('');
  const keep = (event: FormEvent) => {
    event.preventDefault();
    count(
      { article, count: Number(pieces) },
      {
        onSuccess: () => {
          setArticle('');
          setPieces('');
        },
      },
    );
  };
  if (!data) return error ? <Trouble refusal={error} again={refetch} /> : <Loading what="the shelf" />;
  return (
    <Grid templateColumns={{ base: '1fr', lg: 'minmax(0, 1fr) 320px' }}>
      <Box px="6" py="2" borderRightWidth={{ lg: '1px' }} borderColor="line">
        {data.length === 0 && <Empty title="The shelf is empty">Count what lies there, on the right.</Empty>}
        {data.map((item) => (
          <Grid
            key={item.id}
            templateColumns="minmax(0, 1fr) auto 116px"
            alignItems="center"
            columnGap="4"
            minH="50px"
            borderBottomWidth="1px"
            borderColor="line"
          >
            <chakra.strong fontFamily="heading" fontSize="18px">
              {item.article}
              {!item.known && (
                <chakra.span color="brass" fontSize="13.5px" fontWeight="400">
                  {' '}
                  jobs will not find it by this name
                </chakra.span>
              )}
            </chakra.strong>
            <chakra.span fontFamily="heading" fontWeight="600" fontSize="26px" color={item.count > 0 ? 'ink' : 'mute'}>
              {item.count}
            </chakra.span>
            <Flex>
              {[-1, 1].map((by) => (
                <Button
                  key={by}
                  look="quiet"
                  minW="50px"
                  disabled={isPending || item.count + by < 0}
                  aria-label={`${by > 0 ? 'One more' : 'One less'} ${item.article}`}
                  onClick={() => count({ article: item.article, count: item.count + by })}
                >
                  {by > 0 ? '+' : '−'}
                </Button>
              ))}
            </Flex>
          </Grid>
        ))}
        <More of={shelf} comes px="0" />
      </Box>
      <Flex as="form" onSubmit={keep} direction="column" gap="3" px="6" py="4">
        <chakra.h2 fontSize="20px">Count something</chakra.h2>
        <Labelled label="What it is" fault={refused?.about('article')} hint="6204 2RS, or Oil seal 35 x 62 x 7">
          {(props) => <Input {...props} value={article} onChange={(e) => setArticle(e.target.value)} />}
        </Labelled>
        <Labelled label="How many" fault={refused?.about('count')}>
          {(props) => (
            <Input
              {...props}
              kind="reading"
              inputMode="numeric"
              value={pieces}
              onChange={(e) => setPieces(e.target.value)}
            />
          )}
        </Labelled>
        <Button type="submit" disabled={isPending || !article.trim() || !/^\d+$/.test(pieces)} alignSelf="start">
          Put it down
        </Button>
      </Flex>
    </Grid>
  );
}

import { Box, chakra, Flex, Grid } from '@chakra-ui/react';
import { useShopping, useTake } from '../../api/buying';
import type { ShoppingSheet, Step } from '../../api/types';
import { Button } from '../../controls/Button';
import { AskField } from '../../job/AskField';
import { useBench } from '../../job/bench';
import { useSay } from '../../words/person';
import { Baskets } from './Baskets';

type Line = ShoppingSheet['lines'][number];

/** What to buy in the words a counter understands: what lies on the shelf, what is on its way, and how to buy the rest. */
export function BuyingListPanel({ step }: { step: Step }) {
  const say = useSay();
  const { job, report, over } = useBench();
  const { data: sheet } = useShopping(job.id, JSON.stringify(report.to_buy));
  const take = useTake(job.id);
  const lines: Line[] =
    sheet?.lines ?? report.to_buy.map((line) => ({ ...line, known: false, shelf_item: null, on_shelf: 0, ordered: 0 }));
  return (
    <Flex direction="column" gap="4">
      {lines.length === 0 && (
        <chakra.p color="mute">Nothing yet: parts laid on the tray as worn, and every bearing, come here.</chakra.p>
      )}
      <chakra.ol>
        {lines.map((line) => (
          <Grid
            as="li"
            key={say(line.what) + say(line.ask_for)}
            templateColumns="44px 1fr auto"
            alignItems="center"
            columnGap="2"
            py="1.5"
            borderBottomWidth="1px"
            borderColor="line"
          >
            <chakra.span fontFamily="heading" fontWeight="600" fontSize="26px" color="blue">
              {line.quantity}×
            </chakra.span>
            <Box>
              <chakra.span fontFamily="heading" fontWeight="600" fontSize="18px" lineHeight="1.2">
                {say(line.ask_for)}
              </chakra.span>
              <Box color="mute" fontSize="14px">
                {say(line.what)}
                {line.note && `. ${say(line.note)}`}
              </Box>
            </Box>
            <Flex direction="column" align="end" fontSize="14px">
              {line.ordered > 0 && <chakra.span color="verdigris">{line.ordered} ordered</chakra.span>}
              {line.on_shelf > 0 && line.shelf_item !== null && (
                <Button
                  look="quiet"
                  disabled={over || take.isPending}
                  onClick={() =>
                    take.mutate({ item: line.shelf_item ?? 0, pieces: Math.min(line.quantity, line.on_shelf) })
                  }
                >
                  Take {Math.min(line.quantity, line.on_shelf)} of {line.on_shelf} off the shelf
                </Button>
              )}
              {line.made && <chakra.span color="mute">to make</chakra.span>}
              {sheet && !line.known && !line.made && <chakra.span color="brass">not sized yet</chakra.span>}
            </Flex>
          </Grid>
        ))}
      </chakra.ol>
      {take.error && (
        <Box role="alert" color="oxide" fontSize="14px">
          {take.error.message}
        </Box>
      )}
      {sheet && <Baskets job={job.id} sheet={sheet} closed={over} />}
      {step.asks.map((ask) => (
        <AskField key={ask.place} ask={ask} />
      ))}
    </Flex>
  );
}

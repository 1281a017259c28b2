import { Box, chakra, Flex, Grid } from '@chakra-ui/react';
import { type FormEvent, useState } from 'react';
import { useAddSupplier, usePriceList, useSuppliers } from '../../api/buying';
import type { Far } from '../../api/errands';
import type { PriceListSheet, SupplierCard } from '../../api/types';
import { Button } from '../../controls/Button';
import { Input, Labelled, Select } from '../../controls/Field';
import { Sheet } from '../../controls/Sheet';
import { Empty, Loading, Trouble } from '../../controls/States';
import { day } from '../../words/day';
import { useSay } from '../../words/person';
import { money } from '../../words/say';

/** The counters this shop buys from, each with its price list. */
export function Suppliers() {
  const { data, error, refetch } = useSuppliers();
  const [listOf, setListOf] = useState<SupplierCard | null>(null);
  if (!data) return error ? <Trouble refusal={error} again={refetch} /> : <Loading what="the suppliers" />;
  return (
    <Grid templateColumns={{ base: '1fr', lg: 'minmax(0, 1fr) 320px' }}>
      <Box px="6" py="2" borderRightWidth={{ lg: '1px' }} borderColor="line">
        {data.length === 0 && <Empty title="No supplier yet">Note one on the right, then read its price list.</Empty>}
        {data.map((one) => (
          <Flex
            key={one.id}
            justify="space-between"
            align="center"
            gap="4"
            py="3"
            borderBottomWidth="1px"
            borderColor="line"
          >
            <Box>
              <chakra.h2 fontSize="20px">{one.name}</chakra.h2>
              <chakra.p color="mute" fontSize="14.5px">
                {one.articles > 0
                  ? `${one.articles} articles, list of ${day(one.priced_at ?? '')}`
                  : 'No price list yet'}
                {' · '}
                {one.days === 0 ? 'same day' : `${one.days} ${one.days === 1 ? 'day' : 'days'}`}
                {one.restock_days !== null && `, ${one.restock_days} when not in stock`}
                {one.carriage_minor > 0 && ` · carriage ${money(one.carriage_minor, '')}`}
              </chakra.p>
            </Box>
            <Button look="plain" onClick={() => setListOf(one)}>
              Price list
            </Button>
          </Flex>
        ))}
      </Box>
      <NewOne />
      <Sheet title={`Price list of ${listOf?.name ?? ''}`} open={listOf !== null} onClose={() => setListOf(null)}>
        {listOf && <PriceList supplier={listOf} onTaken={() => setListOf(null)} />}
      </Sheet>
    </Grid>
  );
}

const BLANK = { name: '', carriage: '', days: '1', restock: '' };

function NewOne() {
  const { mutate: add, isPending, error } = useAddSupplier();
  const [given, setGiven] = useState(BLANK);
  const set = (field: keyof typeof BLANK) => (event: { target: { value: string } }) =>
    setGiven({ ...given, [field]: event.target.value });
  const keep = (event: FormEvent) => {
    event.preventDefault();
    add(
      {
        name: given.name,
        carriage: given.carriage,
        days: Number(given.days || 0),
        restock_days: given.restock === '' ? null : Number(given.restock),
      },
      { onSuccess: () => setGiven(BLANK) },
    );
  };
  return (
    <Flex as="form" onSubmit={keep} direction="column" gap="3" px="6" py="4">
      <chakra.h2 fontSize="20px">Note a supplier</chakra.h2>
      <Labelled label="Name" fault={error?.about('name')}>
        {(props) => <Input {...props} value={given.name} onChange={set('name')} />}
      </Labelled>
      <Labelled label="Carriage for one parcel" fault={error?.about('carriage')}>
        {(props) => <Input {...props} kind="reading" value={given.carriage} onChange={set('carriage')} />}
      </Labelled>
      <Labelled label="Days, in stock" fault={error?.about('days')}>
        {(props) => <Input {...props} kind="reading" inputMode="numeric" value={given.days} onChange={set('days')} />}
      </Labelled>
      <Labelled label="Days, not in stock" fault={error?.about('restock_days')} hint="Empty: nobody knows">
        {(props) => (
          <Input {...props} kind="reading" inputMode="numeric" value={given.restock} onChange={set('restock')} />
        )}
      </Labelled>
      <Button type="submit" disabled={isPending || !given.name.trim()} alignSelf="start">
        Note it
      </Button>
      {error && error.problem.errors.length === 0 && (
        <Box role="alert" color="oxide">
          {error.message}
        </Box>
      )}
    </Flex>
  );
}

/** A price list is looked at first: which column holds what, what is wrong in which line; then it is taken whole. */
function PriceList({ supplier, onTaken }: { supplier: SupplierCard; onTaken: () => void }) {
  const [far, setFar] = useState<Far | null>(null);
  const { mutate: read, data, error, isPending } = usePriceList(supplier.id, setFar);
  const [file, setFile] = useState<File | null>(null);
  const [columns, setColumns] = useState<Record<string, number>>({});
  const look = (next: File, places: Record<string, number>) => {
    setFile(next);
    setColumns(places);
    read({ file: next, columns: places, keep: false });
  };
  return (
    <Flex direction="column" gap="3">
      <Labelled
        label="CSV file with a header line"
        fault={error ? (error.about('list') ?? error.about('columns') ?? error.message) : undefined}
        hint="Comma, semicolon, tab or bar; prices as 12.50 or 12,50"
      >
        {(props) => (
          <Input
            {...props}
            type="file"
            accept=".csv,.txt,text/csv"
            py="2"
            onChange={(event) => {
              const chosen = (event.target as HTMLInputElement).files?.[0];
              if (chosen) look(chosen, {});
            }}
          />
        )}
      </Labelled>
      {isPending && far && (
        <chakra.p role="status">
          {far.of > 0 ? `${far.done} of ${far.of} rows are read` : 'The list waits for its turn'}
        </chakra.p>
      )}
      {data && !error && file && (
        <>
          <Columns
            sheet={data}
            onChange={(name, place) => {
              const next = { ...columns };
              if (place === null) delete next[name];
              else next[name] = place;
              look(file, next);
            }}
          />
          <chakra.p>
            <strong>
              {data.taken} of {data.rows} rows can be taken
            </strong>
            ; {data.known} are things this program knows by name.
          </chakra.p>
          {data.faults.length > 0 && (
            <Box maxH="150px" overflowY="auto" borderWidth="1px" borderColor="line" p="2" tabIndex={0}>
              {data.faults.map((fault) => (
                <chakra.p key={`${fault.line} ${fault.detail}`} fontSize="14px">
                  <chakra.strong color={fault.taken ? 'brass' : 'oxide'}>Line {fault.line}</chakra.strong>{' '}
                  {fault.detail}
                </chakra.p>
              ))}
            </Box>
          )}
          <Button
            disabled={isPending || data.taken === 0}
            onClick={() => read({ file, columns, keep: true }, { onSuccess: onTaken })}
          >
            Take these {data.taken} prices in place of the {supplier.articles} there are
          </Button>
        </>
      )}
    </Flex>
  );
}

function Columns({
  sheet,
  onChange,
}: {
  sheet: PriceListSheet;
  onChange: (name: string, place: number | null) => void;
}) {
  const say = useSay();
  return (
    <Grid templateColumns="repeat(auto-fill, minmax(150px, 1fr))" gap="2">
      {sheet.columns.map((column) => (
        <Labelled key={column.name} label={say(column.label)}>
          {(props) => (
            <Select
              {...props}
              value={column.place === null ? '' : String(column.place)}
              onChange={(event) => onChange(column.name, event.target.value === '' ? null : Number(event.target.value))}
            >
              {!column.needed && <option value="">none</option>}
              {sheet.headers.map((header, place) => (
                // biome-ignore lint/suspicious/noArrayIndexKey: two columns may have one name
                <option key={place} value={place}>
                  {header || `column ${place + 1}`}
                </option>
              ))}
            </Select>
          )}
        </Labelled>
      ))}
    </Grid>
  );
}

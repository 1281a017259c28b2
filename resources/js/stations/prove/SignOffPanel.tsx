import { Box, chakra, Flex } from '@chakra-ui/react';
import { type ReactNode, useState } from 'react';
import { Link } from 'react-router';
import { useSignJob } from '../../api/jobs';
import { useWaiting } from '../../api/records';
import type { Block, Level, StationName } from '../../api/types';
import { Button } from '../../controls/Button';
import { Input, Labelled } from '../../controls/Field';
import { LevelMark } from '../../controls/LevelMark';
import { useBench } from '../../job/bench';
import { UNNAMED } from '../../offline/hands';
import { moment } from '../../words/day';
import { usePerson, useSay } from '../../words/person';

import { Addenda } from './Addenda';

/** What still lies on the tray, by the station where it goes back in. */
function useLying(open: Block[]): [StationName, string[]][] {
  const say = useSay();
  const { report } = useBench();
  const by = new Map<StationName, string[]>();
  for (const block of open) {
    const { part } = block;
    if (part === null) continue;
    const name = report.tray.find((item) => item.part === part)?.name;
    const goesIn = report.stations.find((one) =>
      one.steps.some((step) => step.asks.some((ask) => ask.until === 'fitted' && ask.part === part)),
    );
    const station = goesIn?.station ?? block.station;
    const said = name ? say(name) : part;
    const names = by.get(station) ?? [];
    by.set(station, [...names, names.length === 0 ? said : said.charAt(0).toLowerCase() + said.slice(1)]);
  }
  return [...by];
}

/** One thing in the way, and the station at which it is put right. */
function InTheWay({ level, station, children }: { level: Level; station: StationName; children: ReactNode }) {
  const { job, report } = useBench();
  const say = useSay();
  const label = report.stations.find((one) => one.station === station)?.label;
  return (
    <chakra.li display="flex" gap="2" alignItems="center" py="1.5" borderBottomWidth="1px" borderColor="line">
      <LevelMark level={level} size={18} />
      <span>{children}</span>
      <chakra.span ml="auto" whiteSpace="nowrap">
        <Link to={`/jobs/${job.id}/${station}`}>
          <chakra.span color="blue" textDecoration="underline">
            {label ? say(label) : station}
          </chakra.span>
        </Link>
      </chakra.span>
    </chakra.li>
  );
}

/** What stands in the way, and the signature. */
export function SignOffPanel() {
  const say = useSay();
  const { job, report } = useBench();
  const person = usePerson();
  const { mutate, isPending, error } = useSignJob(job.id);
  // Where several take over from one another, whoever signs shows once more who they are.
  const shows = person.tablet !== null && person.bench_code;
  const [code, setCode] = useState('');
  const unnamed = useWaiting().some((one) => one.job === job.id && one.author === UNNAMED);
  const open = report.blocks.filter((block) => block.open);
  const lying = useLying(open);
  const card = `/files/jobs/${job.id}/card.pdf`;
  return (
    <Flex direction="column" gap="4">
      {job.signed_at ? (
        <chakra.p fontFamily="heading" fontWeight="600" fontSize="26px" color="verdigris">
          {job.signed_by
            ? `Signed by ${[job.signed_by, job.signed_as].filter(Boolean).join(', ')}, ${moment(job.signed_at)}`
            : 'Taken in as signed'}
        </chakra.p>
      ) : (
        <>
          {open.length > 0 && (
            <chakra.ul>
              {lying.map(([station, names]) => (
                <InTheWay key={station} level="stop" station={station}>
                  {`${names.length === 1 ? 'Still lies' : 'Still lie'} on the tray: ${names.join(', ')}`}
                </InTheWay>
              ))}
              {open
                .filter((block) => block.part === null)
                .map((block) => (
                  <InTheWay key={block.step} level={block.level} station={block.station}>
                    {say(block.what)}
                  </InTheWay>
                ))}
            </chakra.ul>
          )}
          {unnamed && (
            <chakra.p color="brass">Entries of this job are not yet named: say first whose they are.</chakra.p>
          )}
          {person.may_sign ? (
            <>
              {shows && (
                <Labelled label={`Code of ${person.name}, to sign`} fault={error?.about('code')}>
                  {(props) => (
                    <Input
                      {...props}
                      kind="reading"
                      type="password"
                      inputMode="numeric"
                      autoComplete="off"
                      maxLength={6}
                      value={code}
                      onChange={(e) => setCode(e.target.value)}
                    />
                  )}
                </Labelled>
              )}
              <Button
                disabled={!report.may_sign || isPending || unnamed || (shows && code.length < 4)}
                onClick={() => mutate(shows ? code : null, { onSettled: () => setCode('') })}
                alignSelf="start"
              >
                Sign as {person.name}
              </Button>
            </>
          ) : (
            <chakra.p>A mechanic or the owner signs. Everything else here is yours to do.</chakra.p>
          )}
          {error && !error.about('code') && (
            <Box role="alert" color="oxide">
              {error.message}
            </Box>
          )}
        </>
      )}
      {job.imported_from && <chakra.p color="mute">Taken in from {job.imported_from}.</chakra.p>}
      {job.said_signed && (
        <chakra.p color={job.said_signed.checked ? 'verdigris' : 'brass'}>
          {job.said_signed.checked ? '✓ ' : '▲ '}
          {job.said_signed.text}
          {job.said_signed.unknown_key &&
            ' It came under a key that nobody here has compared: the owner does so under Shop.'}
        </chakra.p>
      )}
      {(job.signed_at || job.addenda.length > 0) && <Addenda />}
      <Flex gap="5" wrap="wrap">
        <chakra.a href={card} target="_blank" color="blue" textDecoration="underline" py="2" rel="noopener">
          Job card, A4
        </chakra.a>
        <chakra.a
          href={`${card}?paper=letter`}
          target="_blank"
          color="blue"
          textDecoration="underline"
          py="2"
          rel="noopener"
        >
          Job card, letter
        </chakra.a>
        <chakra.a
          href={`/files/jobs/${job.id}/sheet.pdf`}
          target="_blank"
          color="blue"
          textDecoration="underline"
          py="2"
          rel="noopener"
        >
          Sheet for the customer
        </chakra.a>
        <chakra.a href={`/files/jobs/${job.id}/job.json`} color="blue" textDecoration="underline" py="2">
          Job as a file
        </chakra.a>
        <Link to={`/jobs/${job.id}/tag`}>
          <chakra.span color="blue" textDecoration="underline" py="2" display="inline-block">
            Tag for the bag
          </chakra.span>
        </Link>
        <Link to={`/machines/${job.machine.id}`}>
          <chakra.span color="blue" textDecoration="underline" py="2" display="inline-block">
            History of {job.machine.name}
          </chakra.span>
        </Link>
      </Flex>
    </Flex>
  );
}

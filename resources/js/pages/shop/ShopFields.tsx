import { Box, Grid } from '@chakra-ui/react';
import { Input, Labelled, Select } from '../../controls/Field';
import { Pick } from '../../controls/Pick';
import { zones } from './zones';

/** What is noted of a shop, as it is typed. */
export interface TypedShop {
  name: string;
  place: string;
  time_zone: string;
  currency: string;
  hour: string;
  units: 'mm' | 'in';
  paper: 'a4' | 'letter';
  press: string;
  draw_bolt: DrawBolt;
}

export const DRAW_BOLTS = ['M8', 'M10', 'M12', 'M14', 'M16', 'M20'] as const;

export type DrawBolt = (typeof DRAW_BOLTS)[number];

/** The fields of a shop: name and place first, then money, paper, press. */
export function ShopFields({
  typed,
  onType,
  fault,
  disabled = false,
}: {
  typed: TypedShop;
  onType: (typed: TypedShop) => void;
  fault: (field: keyof TypedShop) => string | undefined;
  disabled?: boolean;
}) {
  const text = (name: 'name' | 'place' | 'currency' | 'hour' | 'press', label: string, hint?: string) => (
    <Labelled label={label} hint={hint} fault={fault(name)}>
      {(props) => (
        <Input
          {...props}
          value={typed[name]}
          disabled={disabled}
          onChange={(e) => onType({ ...typed, [name]: e.target.value })}
        />
      )}
    </Labelled>
  );
  return (
    <Grid templateColumns={{ base: '1fr', sm: '1fr 1fr' }} gap="4" alignItems="start">
      {text('name', 'Name of the shop')}
      {text('place', 'Place', 'as it stands on papers')}
      <Box gridColumn={{ sm: 'span 2' }}>
        <Labelled label="Time zone" fault={fault('time_zone')}>
          {(props) => (
            <Select
              {...props}
              value={typed.time_zone}
              disabled={disabled}
              onChange={(e) => onType({ ...typed, time_zone: e.target.value })}
            >
              {zones().map((zone) => (
                <option key={zone} value={zone}>
                  {zone.replaceAll('_', ' ')}
                </option>
              ))}
            </Select>
          )}
        </Labelled>
      </Box>
      {text('currency', 'Sign before an amount')}
      {text('hour', 'Labour rate for an hour', 'without the sign: 54.00')}
      <Pick
        label="Units"
        options={[
          ['mm', 'Millimetres'],
          ['in', 'Inches'],
        ]}
        chosen={typed.units}
        disabled={disabled}
        onPick={(units) => onType({ ...typed, units })}
      />
      <Pick
        label="Paper"
        options={[
          ['a4', 'A4'],
          ['letter', 'Letter'],
        ]}
        chosen={typed.paper}
        disabled={disabled}
        onPick={(paper) => onType({ ...typed, paper })}
      />
      {text('press', 'Press', '12 t or 120 kN; empty: none')}
      <Labelled label="Draw bolt" fault={fault('draw_bolt')} hint="the threaded rod bearings are drawn in with">
        {(props) => (
          <Select
            {...props}
            value={typed.draw_bolt}
            disabled={disabled}
            onChange={(e) => onType({ ...typed, draw_bolt: e.target.value as DrawBolt })}
          >
            {DRAW_BOLTS.map((one) => (
              <option key={one}>{one}</option>
            ))}
          </Select>
        )}
      </Labelled>
    </Grid>
  );
}

import { Box, chakra, type HTMLChakraProps } from '@chakra-ui/react';
import { type ReactNode, type Ref, useId } from 'react';
import { field } from '../theme/system';

interface Props {
  label: string;
  fault?: string;
  hint?: string;
  /** Its number on the drawing beside it. */
  number?: number;
  children: (props: { id: string; 'aria-invalid'?: true; 'aria-describedby'?: string }) => ReactNode;
}

/** A label, what is entered, and one sentence beside it when that cannot be used. */
export function Labelled({ label, fault, hint, number, children }: Props) {
  const id = useId();
  const note = fault ?? hint;
  return (
    <Box>
      <chakra.label htmlFor={id} display="block" fontSize="14px" color="mute" mb="1">
        {number !== undefined && (
          <chakra.span color="blue" fontWeight="600" mr="1.5" aria-hidden="true">
            {number}
          </chakra.span>
        )}
        {label}
      </chakra.label>
      {children({ id, 'aria-invalid': fault ? true : undefined, 'aria-describedby': note ? `${id}-note` : undefined })}
      {note && (
        <Box
          id={`${id}-note`}
          role={fault ? 'alert' : undefined}
          mt="1"
          fontSize="14px"
          color={fault ? 'oxide' : 'mute'}
        >
          {note}
        </Box>
      )}
    </Box>
  );
}

const InputShape = chakra('input', field);
const AreaShape = chakra('textarea', field);
const SelectShape = chakra('select', field);

export function Input(props: HTMLChakraProps<'input'> & { kind?: 'reading' | 'text'; ref?: Ref<HTMLInputElement> }) {
  const { kind = 'text', ...rest } = props;
  return <InputShape autoComplete="off" kind={kind} {...rest} />;
}

export function Area(props: HTMLChakraProps<'textarea'>) {
  return <AreaShape py="2" rows={3} {...props} />;
}

export function Select(props: HTMLChakraProps<'select'>) {
  return <SelectShape {...props} />;
}

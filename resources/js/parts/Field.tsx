import { Box, chakra, type HTMLChakraProps, useRecipe } from '@chakra-ui/react';
import { type ReactNode, type Ref, useId } from 'react';

interface Props {
  label: string;
  fault?: string;
  hint?: string;
  children: (props: { id: string; 'aria-invalid'?: true; 'aria-describedby'?: string }) => ReactNode;
}

/** A label, what is entered, and one sentence beside it when that cannot be used. */
export function Labelled({ label, fault, hint, children }: Props) {
  const id = useId();
  const note = fault ?? hint;
  return (
    <Box>
      <chakra.label htmlFor={id} display="block" fontSize="14px" color="mute" mb="1">
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

export function Input(props: HTMLChakraProps<'input'> & { kind?: 'reading' | 'text'; ref?: Ref<HTMLInputElement> }) {
  const { kind = 'text', ...rest } = props;
  const recipe = useRecipe({ key: 'field' });
  return <chakra.input autoComplete="off" css={recipe({ kind } as never)} {...rest} />;
}

export function Area(props: HTMLChakraProps<'textarea'>) {
  const recipe = useRecipe({ key: 'field' });
  return <chakra.textarea css={recipe({ kind: 'text' } as never)} py="2" rows={3} {...props} />;
}

export function Select(props: HTMLChakraProps<'select'>) {
  const recipe = useRecipe({ key: 'field' });
  return <chakra.select css={recipe({ kind: 'text' } as never)} {...props} />;
}

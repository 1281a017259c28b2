import { Box, chakra, Flex } from '@chakra-ui/react';
import { type ReactNode, useEffect, useRef } from 'react';
import { Button } from './Button';

/** A sheet over the page: the browser's own dialog, so focus stays in it and Escape closes it. */
export function Sheet({
  title,
  open,
  onClose,
  wide = false,
  stays = false,
  children,
}: {
  title: string;
  open: boolean;
  onClose: () => void;
  /** Room for pictures beside one another. */
  wide?: boolean;
  /** Nothing closes it but what is done in it. */
  stays?: boolean;
  children: ReactNode;
}) {
  const dialog = useRef<HTMLDialogElement>(null);
  useEffect(() => {
    if (!open) {
      dialog.current?.close();
      return;
    }
    dialog.current?.showModal();
    // Where a sheet begins with a field, that has the focus, not the way out of it.
    dialog.current?.querySelector<HTMLElement>('[data-first]')?.focus();
  }, [open]);
  return (
    <chakra.dialog
      ref={dialog}
      onClose={onClose}
      onCancel={(event) => stays && event.preventDefault()}
      aria-label={title}
      m="auto"
      w={wide ? 'min(1000px, 96vw)' : 'min(560px, 94vw)'}
      maxH="88vh"
      overflowY="auto"
      bg="paper"
      color="ink"
      borderWidth="2px"
      borderColor="blue"
      borderRadius="sm"
      _backdrop={{ bg: 'shade' }}
    >
      <Flex justify="space-between" align="center" px="5" pt="4">
        <chakra.h2 fontSize="24px">{title}</chakra.h2>
        {!stays && (
          <Button look="quiet" onClick={onClose}>
            Close
          </Button>
        )}
      </Flex>
      <Box px="5" pb="5" pt="2">
        {open && children}
      </Box>
    </chakra.dialog>
  );
}

import { chakra } from '@chakra-ui/react';
import { useEffect, useState } from 'react';
import { ink } from '../theme/system';

/** An address as a code for a camera. */
export function Squares({ text, label }: { text: string; label: string }) {
  const [squares, setSquares] = useState<{ size: number; path: string } | null>(null);
  useEffect(() => {
    let live = true;
    import('qrcode').then(({ create }) => {
      const { modules } = create(text, { errorCorrectionLevel: 'M' });
      const rows: string[] = [];
      for (let y = 0; y < modules.size; y++) {
        for (let x = 0; x < modules.size; x++) {
          if (modules.get(y, x)) rows.push(`M${x} ${y}h1v1h-1z`);
        }
      }
      if (live) setSquares({ size: modules.size, path: rows.join('') });
    });
    return () => {
      live = false;
    };
  }, [text]);
  if (!squares) return null;
  return (
    <chakra.svg
      role="img"
      aria-label={label}
      viewBox={`-3 -3 ${squares.size + 6} ${squares.size + 6}`}
      w="132px"
      h="132px"
      flexShrink={0}
      shapeRendering="crispEdges"
      borderRadius="sm"
    >
      <rect x="-3" y="-3" width={squares.size + 6} height={squares.size + 6} fill={ink('codeGround')} />
      <path d={squares.path} fill={ink('codeInk')} />
    </chakra.svg>
  );
}

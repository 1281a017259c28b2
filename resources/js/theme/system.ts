import { createSystem, defaultBaseConfig, defineConfig, defineRecipe } from '@chakra-ui/react';

/** Light on the left, dark on the right: shop paper and graphite. Nothing outside this folder names a colour. */
const both = (light: string, dark: string) => ({ value: { base: light, _dark: dark } });

const button = defineRecipe({
  className: 'btn',
  base: {
    display: 'inline-flex',
    alignItems: 'center',
    justifyContent: 'center',
    gap: '2',
    minH: '44px',
    px: '4',
    borderRadius: 'sm',
    fontFamily: 'heading',
    fontWeight: '600',
    fontSize: '17px',
    lineHeight: '1.15',
    cursor: 'pointer',
    borderWidth: '2px',
    borderStyle: 'solid',
    borderColor: 'blue',
    textAlign: 'center',
    _disabled: { opacity: 0.5, cursor: 'not-allowed' },
  },
  variants: {
    look: {
      main: { bg: 'blue', color: 'onBlue' },
      plain: { bg: 'transparent', color: 'blue' },
      quiet: { bg: 'transparent', color: 'blue', borderColor: 'transparent', px: '2', fontSize: '15px' },
      answer: {
        bg: 'card',
        color: 'ink',
        borderColor: 'line',
        borderWidth: '1.5px',
        fontFamily: 'body',
        fontWeight: '500',
        fontSize: '15px',
        px: '3',
        _pressed: { bg: 'blue', color: 'onBlue', borderColor: 'blue', fontWeight: '600' },
        // An answer that stands is read, though it cannot be changed any more.
        '&[aria-pressed=true]:disabled': { opacity: 1 },
        _hover: { borderColor: 'blue' },
      },
    },
  },
  defaultVariants: { look: 'main' },
});

export const field = defineRecipe({
  className: 'field',
  base: {
    width: '100%',
    minH: '44px',
    px: '3',
    bg: 'card',
    color: 'ink',
    borderWidth: '1.5px',
    borderStyle: 'solid',
    borderColor: 'line',
    borderRadius: 'sm',
    fontSize: '16px',
    _placeholder: { color: 'mute', fontFamily: 'body', fontWeight: '400', fontSize: '15px' },
    _invalid: { borderColor: 'oxide' },
  },
  variants: {
    kind: {
      reading: { fontFamily: 'heading', fontWeight: '600', fontSize: '23px', fontVariantNumeric: 'tabular-nums' },
      text: {},
    },
  },
  defaultVariants: { kind: 'text' },
});

/** A step of space is a quarter of the letter height; halves where something is dense. */
const spacing = Object.fromEntries(
  [0, 0.5, 1, 1.5, 2, 2.5, 3, 3.5, 4, 5, 6, 7, 8, 10, 12, 16, 20].map((n) => [n, { value: `${n / 4}rem` }]),
);

const config = defineConfig({
  preflight: true,
  globalCss: {
    'html, body': { height: '100%' },
    '#root': { height: '100dvh' },
    body: { bg: 'paper', color: 'ink', fontFamily: 'body', fontSize: '15px', lineHeight: '1.38' },
    // A link in words is as large as a thumb needs; what holds more than words has a size of its own.
    ':where(main, dialog) a:not(:has(div))': {
      display: 'inline-flex',
      alignItems: 'center',
      minHeight: '44px',
      marginBlock: '-10px',
    },
    'h1, h2, h3': { fontFamily: 'heading', fontWeight: '600', lineHeight: '1.15' },
    // On paper the drawing stands alone.
    'nav, .screen-only': { _print: { display: 'none !important' } },
    // A part comes up from the tray below the drawing; nobody who asked for stillness sees it move.
    '.arrives': {
      animation: 'arrive',
      '@media (prefers-reduced-motion: reduce)': { animation: 'none' },
    },
    ':focus-visible': { outline: '3px solid', outlineColor: 'focus', outlineOffset: '2px' },
  },
  theme: {
    keyframes: {
      arrive: { from: { transform: 'translateY(90px)', opacity: '0.2' }, to: { transform: 'none', opacity: '1' } },
    },
    breakpoints: { sm: '480px', md: '700px', lg: '900px', xl: '1180px' },
    tokens: {
      spacing,
      fonts: {
        heading: { value: "'Barlow Semi Condensed', 'Arial Narrow', sans-serif" },
        body: { value: "'Public Sans', system-ui, sans-serif" },
      },
      animations: { arrive: { value: 'arrive 520ms cubic-bezier(0.2, 0.7, 0.2, 1)' } },
      radii: { sm: { value: '5px' }, full: { value: '9999px' } },
    },
    semanticTokens: {
      colors: {
        paper: both('#f2ede2', '#1b1f23'),
        card: both('#fbf8f1', '#23292e'),
        ink: both('#20262c', '#e8e4da'),
        mute: both('#5c6368', '#a3acb1'),
        line: both('#d0c7b4', '#414b53'),
        blue: both('#1c4f86', '#7fb0e3'),
        onBlue: both('#ffffff', '#10202f'),
        wash: both('#e2eaf2', '#24364a'),
        focus: both('#d08a1d', '#f0c063'),
        brass: both('#84590c', '#e0b25a'),
        brassWash: both('#f5e8cc', '#3d3320'),
        oxide: both('#99301f', '#ef8a76'),
        oxideWash: both('#f6ddd6', '#47251f'),
        verdigris: both('#1e6a5a', '#74c7b1'),
        verdigrisWash: both('#d9ebe4', '#1f3a34'),
        steel: both('#b9c1c7', '#77838b'),
        steelPale: both('#dde2e5', '#49545c'),
        alloy: both('#e6e8e4', '#333d44'),
        codeGround: both('#ffffff', '#ffffff'),
        codeInk: both('#101418', '#101418'),
        felt: both('#cdb78c', '#7d6c48'),
        bronze: both('#c59a56', '#9c7a45'),
        seal: both('#565e64', '#aab3b8'),
        shade: both('#0a101680', '#000000a0'),
        edge: both('#30383e', '#ccd3d6'),
      },
    },
    recipes: { button, field },
  },
});

export const system = createSystem(defaultBaseConfig, config);

/** The colour tokens of a level: its mark and the ground behind it. */
export const levelColours = {
  go: { mark: 'verdigris', ground: 'verdigrisWash' },
  care: { mark: 'brass', ground: 'brassWash' },
  stop: { mark: 'oxide', ground: 'oxideWash' },
} as const;

/** The lettering of drawings: that of headings. */
export const LETTERING = 'var(--chakra-fonts-heading)';

/** A colour token as drawings need it. */
export const ink = (token: string): string =>
  `var(--chakra-colors-${token.replace(/[A-Z]/g, (c) => `-${c.toLowerCase()}`)})`;

/** The colours of both sheets. Screens use them as CSS variables, `var(--tarn)`, so that a drawing follows the theme. */
export const PALETTE = {
  light: {
    bench: '#D5DCD2',
    paper: '#F7F8F1',
    ink: '#1B2A33',
    ink2: '#43545D',
    line: '#6C7A80',
    wash: '#C3CCCB',
    wash2: '#E3E8E4',
    tarn: '#075F6A',
    tarnFill: '#BFDCDC',
    tarnSoft: '#DDEBE9',
    lichen: '#545C17',
    heather: '#75346A',
    heatherSoft: '#E9D3E3',
    onTarn: '#F7F8F1',
  },
  dark: {
    bench: '#10191E',
    paper: '#18242B',
    ink: '#E9EDE4',
    ink2: '#A9B8BA',
    line: '#6B7D84',
    wash: '#33434B',
    wash2: '#223038',
    tarn: '#6CCBCB',
    tarnFill: '#1F4C52',
    tarnSoft: '#1B353C',
    lichen: '#C9CC7C',
    heather: '#E3A3D3',
    heatherSoft: '#4A2C47',
    onTarn: '#0F1B20',
  },
} as const;

export type Sheet = keyof typeof PALETTE;
type Colour = keyof (typeof PALETTE)['light'];

export const colour = (name: Colour): string => `var(--${name})`;

import type { Body, Group, MeasurementId } from '../body/measurements.js';
import { CM_PER_INCH } from '../units/length.js';
import type { ChartSize, SizeChart } from './chart.js';

/** A figure of a published chart in inches: one, or the two ends of a range. */
type Inches = number | readonly [low: number, high: number];

/** Published charts print cm to the half; a range stands for its middle. */
function toCm(value: Inches): number {
  const inches = typeof value === 'number' ? value : (value[0] + value[1]) / 2;
  return Math.round(inches * CM_PER_INCH * 2) / 2;
}

/** Columns of one measurement each, in the order of the sizes. */
type Columns = Partial<Record<MeasurementId, readonly Inches[]>>;

function chartOf(
  name: string,
  source: string,
  group: Group,
  labels: readonly string[],
  columns: Columns,
  cmOf: (value: Inches) => number = toCm,
): SizeChart {
  const sizes = labels.map((label, i): ChartSize => {
    const body: Body = {};
    for (const [id, values] of Object.entries(columns) as [MeasurementId, readonly Inches[]][])
      body[id] = cmOf(values[i]!);
    return { id: label, label, group, body };
  });
  return { format: 'upfell/chart', version: 1, name, source, sizes };
}

const CRAFT =
  'After the standard body measurements of the Craft Yarn Council, from memory; ranges stand for their middle.';
const BANDS =
  'After the body size bands of EN 13402-3, from memory; bands stand for their middle. Only the figures that the standard names.';
const half = (value: number) => value + 0.5;
const quarter = (value: number) => value + 0.25;
const most = (value: number) => value + 0.75;
const asCm = (value: Inches) => (typeof value === 'number' ? value : (value[0] + value[1]) / 2);

/** Charts that come with the program. Their figures are published ones, written from memory, and say so. */
export const STANDARD_CHARTS: readonly { id: string; chart: SizeChart }[] = [
  {
    id: 'standard-women',
    chart: chartOf('Women, XS to 5X', CRAFT, 'adult', ['XS', 'S', 'M', 'L', '1X', '2X', '3X', '4X', '5X'], {
      bust: [
        [28, 30],
        [32, 34],
        [36, 38],
        [40, 42],
        [44, 46],
        [48, 50],
        [52, 54],
        [56, 58],
        [60, 62],
      ],
      waist: [
        [23, 24],
        [25, 26.5],
        [28, 30],
        [32, 34],
        [36, 38],
        [40, 42],
        [44, 45],
        [46, 47],
        [49, 50],
      ],
      hip: [
        [33, 34],
        [35, 36],
        [38, 40],
        [42, 44],
        [46, 48],
        [52, 53],
        [54, 55],
        [56, 57],
        [61, 62],
      ],
      crossBack: [[14, 14.5], [14.5, 15], [15.5, 16], [16.5, 17], 17.5, 18, 18, 18.5, 18.5],
      upperArm: [most(9), quarter(10), 11, 12, half(13), half(15), 17, half(18), half(19)],
      underarmToWrist: [half(16), 17, 17, half(17), half(17), 18, 18, half(18), half(18)],
      armholeDepth: [
        [6, 6.5],
        [6.5, 7],
        [7, 7.5],
        [7.5, 8],
        [8, 8.5],
        [8.5, 9],
        [9, 9.5],
        [9.5, 10],
        [10, 10.5],
      ],
      backWaist: [half(16), 17, quarter(17), half(17), most(17), 18, 18, half(18), half(18)],
    }),
  },
  {
    id: 'standard-men',
    chart: chartOf('Men, S to XXL', CRAFT, 'adult', ['S', 'M', 'L', 'XL', 'XXL'], {
      bust: [
        [34, 36],
        [38, 40],
        [42, 44],
        [46, 48],
        [50, 52],
      ],
      waist: [
        [28, 30],
        [32, 34],
        [36, 38],
        [42, 44],
        [46, 48],
      ],
      hip: [
        [35, 37],
        [39, 41],
        [43, 45],
        [47, 49],
        [51, 53],
      ],
      crossBack: [
        [15.5, 16],
        [16.5, 17],
        [17.5, 18],
        [18, 18.5],
        [18.5, 19],
      ],
      upperArm: [12, 13, 15, 16, 17],
      underarmToWrist: [18, half(18), half(19), 20, half(20)],
      armholeDepth: [
        [8.5, 9],
        [9, 9.5],
        [9.5, 10],
        [10, 10.5],
        [10.5, 11],
      ],
    }),
  },
  {
    id: 'standard-children',
    chart: chartOf('Children, 2 to 16 years', CRAFT, 'child', ['2', '4', '6', '8', '10', '12', '14', '16'], {
      bust: [21, 23, 25, half(26), 28, 30, half(31), half(32)],
      waist: [21, half(21), half(22), half(23), half(24), half(25), half(26), half(27)],
      hip: [22, half(23), 25, 28, half(29), half(31), 33, half(35)],
      crossBack: [quarter(9), most(9), quarter(10), most(10), quarter(11), 12, quarter(12), 13],
      upperArm: [7, half(7), 8, half(8), most(8), 9, quarter(9), half(9)],
      underarmToWrist: [half(8), half(10), half(11), half(12), half(13), 15, 16, half(16)],
      armholeDepth: [quarter(4), most(4), 5, half(5), 6, half(6), 7, half(7)],
      backWaist: [half(8), half(9), half(10), half(12), 14, 15, half(15), 16],
    }),
  },
  {
    id: 'standard-babies',
    chart: chartOf(
      'Babies, 3 to 24 months',
      CRAFT,
      'baby',
      ['3 months', '6 months', '12 months', '18 months', '24 months'],
      {
        bust: [16, 17, 18, 19, 20],
        waist: [18, 19, 20, half(20), 21],
        hip: [19, 20, 20, 21, 22],
        crossBack: [quarter(7), most(7), quarter(8), half(8), most(8)],
        upperArm: [half(5), 6, half(6), 7, half(7)],
        underarmToWrist: [6, half(6), half(7), 8, half(8)],
        armholeDepth: [quarter(3), half(3), most(3), 4, quarter(4)],
        backWaist: [6, 7, half(7), 8, half(8)],
      },
    ),
  },
  {
    id: 'bands-women',
    chart: chartOf(
      'Women, bust bands',
      BANDS,
      'adult',
      [
        '76',
        '80',
        '84',
        '88',
        '92',
        '96',
        '100',
        '104',
        '110',
        '116',
        '122',
        '128',
        '134',
        '140',
        '146',
        '152',
      ],
      {
        bust: [76, 80, 84, 88, 92, 96, 100, 104, 110, 116, 122, 128, 134, 140, 146, 152],
        waist: [60, 64, 68, 72, 76, 80, 84, 88, 94.5, 101, 107.5, 114, 120.5, 127, 133.5, 140],
        hip: [84, 88, 92, 96, 100, 104, 108, 112, 117, 122, 127, 132, 137, 142, 147, 152],
      },
      asCm,
    ),
  },
  {
    id: 'bands-men',
    chart: chartOf(
      'Men, chest bands',
      BANDS,
      'adult',
      ['XXS', 'XS', 'S', 'M', 'L', 'XL', 'XXL', '3XL'],
      {
        bust: [
          [70, 78],
          [78, 86],
          [86, 94],
          [94, 102],
          [102, 110],
          [110, 118],
          [118, 129],
          [129, 141],
        ],
      },
      asCm,
    ),
  },
];

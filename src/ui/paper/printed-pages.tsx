import { PAGE_MARGIN_PT, type PrintedMark, type PrintedPages } from '@/core/paper';

/** A little less than the room on a page, so that no rounding begins another, pt. */
const SPARE_PT = 2;

/** What is printed of a sheet: the pages of its PDF, one on each side of paper. */
export function PrintedPagesView({ of: { width, height, pages } }: { of: PrintedPages }) {
  const [wide, high] = [width - 2 * PAGE_MARGIN_PT, height - 2 * PAGE_MARGIN_PT - SPARE_PT];
  return (
    <div aria-hidden="true" className="hidden print:block">
      {pages.map((marks, i) => (
        <svg
          key={i}
          width={`${wide}pt`}
          height={`${high}pt`}
          viewBox={`${PAGE_MARGIN_PT} ${PAGE_MARGIN_PT} ${wide} ${high}`}
          className="block break-after-page last:break-after-auto"
        >
          {marks.map((mark, j) => (
            <MarkView key={j} mark={mark} />
          ))}
        </svg>
      ))}
    </div>
  );
}

function MarkView({ mark }: { mark: PrintedMark }) {
  if (mark.kind === 'word')
    return (
      <text
        x={round(mark.x)}
        y={round(mark.y)}
        fontSize={round(mark.size)}
        fontWeight={mark.bold ? 700 : 400}
        fill={mark.colour}
        textLength={round(mark.width)}
        lengthAdjust="spacingAndGlyphs"
      >
        {mark.text}
      </text>
    );
  return (
    <path
      d={mark.d}
      transform={`translate(${round(mark.x)} ${round(mark.y)}) scale(${round(mark.scale)})`}
      fill={mark.fill ?? 'none'}
      stroke={mark.stroke ?? 'none'}
      strokeWidth={round(mark.strokeWidth)}
      strokeOpacity={mark.strokeOpacity}
      strokeLinecap={mark.round ? 'round' : 'butt'}
      strokeLinejoin={mark.round ? 'round' : 'miter'}
      strokeDasharray={mark.dotted === null ? undefined : `0.001 ${mark.dotted}`}
    />
  );
}

const round = (value: number): number => Math.round(value * 1000) / 1000;

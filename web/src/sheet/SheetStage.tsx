import type { JobView } from '../api/client';
import { scaleLabel, useSize } from '../blank/useSize';
import { useFormat } from '../measure/settings';

/** The sheet as it comes out of the printer, print side up, to scale. */
export function SheetStage({ view }: { view: JobView }) {
  const { sheet, job_name } = view.plan;
  const format = useFormat();
  const { ref, width, height } = useSize<HTMLDivElement>();
  const scale =
    sheet === null
      ? 1
      : Math.max(0.1, Math.min((width - 20) / sheet.page_width_mm, (height - 50) / sheet.page_height_mm));
  const left = sheet === null ? 0 : (width - sheet.page_width_mm * scale) / 2;
  const mm = (value: number) => value * scale;
  return (
    <div ref={ref} className="relative h-full min-h-64">
      {sheet === null ? (
        <p className="absolute inset-x-0 top-1/3 mx-auto w-fit text-soft">
          {view.artwork === null ? 'No picture yet, so no sheet.' : 'No sheet can be laid out: see the checks.'}
        </p>
      ) : (
        width > 0 && (
          <>
            <span className="absolute top-0 right-0 text-sm text-soft">{scaleLabel(scale)}</span>
            <svg
              width={width}
              height={height}
              className="absolute inset-0"
              role="img"
              aria-label={`The sheet, print side up${sheet.mirrored ? ', picture mirrored' : ''}`}
            >
              <g transform={`translate(${left} 22)`}>
                <rect
                  width={mm(sheet.page_width_mm)}
                  height={mm(sheet.page_height_mm)}
                  fill="#ffffff"
                  className="stroke-ink"
                />
                <rect
                  x={mm(sheet.printable.x_mm)}
                  y={mm(sheet.printable.y_mm)}
                  width={mm(sheet.printable.width_mm)}
                  height={mm(sheet.printable.height_mm)}
                  fill="none"
                  stroke="#b9c0c5"
                  strokeDasharray="1 3"
                />
                {view.artwork !== null && (
                  <image
                    href={`/api/artwork/${view.artwork.sha256}/preview`}
                    width={mm(sheet.picture.width_mm)}
                    height={mm(sheet.picture.height_mm)}
                    preserveAspectRatio="none"
                    transform={
                      sheet.mirrored
                        ? `translate(${mm(sheet.picture.x_mm + sheet.picture.width_mm)} ${mm(sheet.picture.y_mm)}) scale(-1 1)`
                        : `translate(${mm(sheet.picture.x_mm)} ${mm(sheet.picture.y_mm)})`
                    }
                  />
                )}
                {sheet.marks.map((mark) => {
                  const [x, y, w, h] = [mm(mark.x_mm), mm(mark.y_mm), mm(mark.width_mm), mm(mark.height_mm)];
                  const key = `${mark.kind}${mark.x_mm},${mark.y_mm}`;
                  const write = (tx: number, ty: number, text: string) => (
                    <text
                      fontSize={Math.max(9, mm(2.8))}
                      fill="#16212b"
                      transform={mark.turned ? `translate(${tx} ${ty}) rotate(-90)` : `translate(${tx} ${ty})`}
                      dominantBaseline="hanging"
                    >
                      {text}
                    </text>
                  );
                  switch (mark.kind) {
                    case 'trim-line':
                      return (
                        <rect
                          key={key}
                          x={x}
                          y={y}
                          width={w}
                          height={h}
                          fill="none"
                          stroke="#6e6e6e"
                          strokeDasharray="5 4"
                        />
                      );
                    case 'this-way-up':
                      return (
                        <path
                          key={key}
                          d={`M${x + w / 2} ${y + h}V${y}l${-w / 4} ${h / 3}M${x + w / 2} ${y}l${w / 4} ${h / 3}`}
                          stroke="#16212b"
                          fill="none"
                          strokeWidth={1.3}
                        />
                      );
                    case 'check-bar':
                      return (
                        <g key={key} stroke="#16212b">
                          <path
                            d={
                              mark.turned
                                ? `M${x} ${y}h${w}M${x} ${y + h}h${w}M${x + w / 2} ${y}v${h}`
                                : `M${x} ${y}v${h}M${x + w} ${y}v${h}M${x} ${y + h / 2}h${w}`
                            }
                          />
                          <g stroke="none">
                            {mark.turned ? write(x, y - 4, mark.text) : write(x + w + 4, y, mark.text)}
                          </g>
                        </g>
                      );
                    case 'text':
                      return (
                        <g key={key}>
                          {write(
                            x,
                            mark.turned ? y + h : y,
                            mark.text === job_name ? `${mark.text} · plan ${view.plan.id}` : mark.text,
                          )}
                        </g>
                      );
                  }
                })}
              </g>
            </svg>
            <p className="absolute inset-x-0 bottom-1 text-center text-sm text-soft">
              {format.bareLength(sheet.page_width_mm)} × {format.length(sheet.page_height_mm)}, print side up.{' '}
              {sheet.mirrored
                ? 'The picture reads backwards here, and right on the cloth.'
                : 'The picture reads right.'}{' '}
              Print {view.plan.quantity}.
            </p>
          </>
        )
      )}
    </div>
  );
}

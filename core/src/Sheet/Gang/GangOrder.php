<?php

declare(strict_types=1);

namespace Wubbin\Core\Sheet\Gang;

use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Length;
use Wubbin\Core\Measure\Rect;

/** What is to be laid out, and on what. */
final readonly class GangOrder
{
    public const MOST_PIECES = 5000;

    /** Below this part of its box a piece counts as one that could nest (assumed: a rounded rectangle does not pay). */
    private const NESTS_BELOW = 0.92;

    /** A pin may be so far outside or into another, in mm: it was placed by hand. */
    private const FORGIVEN_MM = 0.05;

    /** @var array<string, GangPiece> by id */
    public array $byId;

    /**
     * @param list<GangPiece> $pieces
     * @param Length $gap between two pieces
     * @param list<GangPaper> $offcuts that are used before whole sheets
     * @param list<GangPin> $pins
     * @param list<GangPiece> $spare that only fill what is left of the sheets, as many as fit of each
     *
     * @throws BadRecord naming gap, pieces or pins
     */
    public function __construct(
        public array $pieces,
        public GangPaper $paper,
        public Length $gap,
        public array $offcuts = [],
        public array $pins = [],
        public array $spare = [],
    ) {
        $this->byId = array_combine(array_map(static fn(GangPiece $piece): string => $piece->id, $pieces), $pieces);
        $room = $paper->room->size;
        if ($gap->mm < 0.0 || $gap->mm > min($room->widthMm, $room->heightMm)) {
            throw BadRecord::at('gap', 'Write a gap from 0 to the width of the sheet.');
        }
        $all = array_sum(array_map(static fn(GangPiece $piece): int => $piece->count, $pieces));
        if ($all > self::MOST_PIECES) {
            throw BadRecord::at(
                'pieces',
                sprintf('These are %d pieces. One layout can have %d at most.', $all, self::MOST_PIECES),
            );
        }
        foreach ($pieces as $piece) {
            if ($piece->size->areaMm2() <= 0.0 || $piece->areaMm2() <= 0.0) {
                throw BadRecord::at(
                    'pieces',
                    sprintf('“%s” has no size, because its outline is empty.', $piece->label),
                );
            }
            if (!$piece->size->fitsIn($room) && !($piece->turns && $piece->size->turned()->fitsIn($room))) {
                throw BadRecord::at(
                    'pieces',
                    sprintf('“%s” is larger than the printable part of this sheet.', $piece->label),
                );
            }
        }
        $this->checkPins();
    }

    /**
     * What of each piece is still to be laid out beside the pins, in the order of the pieces.
     *
     * @return list<int>
     */
    public function counts(): array
    {
        $pinned = array_count_values(array_map(static fn(GangPin $pin): string => $pin->piece, $this->pins));

        return array_map(static fn(GangPiece $piece): int => $piece->count - ($pinned[$piece->id] ?? 0), $this->pieces);
    }

    /** Whether laying them by their outlines could need fewer sheets than by their boxes. */
    public function couldNest(): bool
    {
        $boxes = array_sum(
            array_map(static fn(GangPiece $piece): float => $piece->count * $piece->size->areaMm2(), $this->pieces),
        );
        $outlines = array_sum(
            array_map(static fn(GangPiece $piece): float => $piece->count * $piece->areaMm2(), $this->pieces),
        );

        return $outlines < self::NESTS_BELOW * $boxes;
    }

    /** @return array<int, non-empty-list<GangPin>> by sheet, in order */
    public function pinnedSheets(): array
    {
        $sheets = [];
        foreach ($this->pins as $pin) {
            $sheets[$pin->sheet][] = $pin;
        }
        ksort($sheets);

        return $sheets;
    }

    public function boxOf(GangPin $pin): Rect
    {
        return Rect::at($pin->xMm, $pin->yMm, $this->byId[$pin->piece]->boxTurned($pin->quarters));
    }

    /** @throws BadRecord */
    private function checkPins(): void
    {
        foreach ($this->pins as $pin) {
            $piece =
                $this->byId[$pin->piece] ??
                throw BadRecord::at('pins', 'A piece that was placed by hand is no longer among these.');
            if (!$piece->turns && 0 !== $pin->quarters) {
                throw BadRecord::at('pins', sprintf('“%s” must stay upright.', $piece->label));
            }
            if (!$this->boxOf($pin)->within($this->paper->room->grown(self::FORGIVEN_MM))) {
                throw BadRecord::at(
                    'pins',
                    sprintf('“%s” was placed over the edge of the printable part.', $piece->label),
                );
            }
            foreach ($this->paper->blocked as $blocked) {
                if (null !== $this->boxOf($pin)->overlap($blocked)) {
                    throw BadRecord::at('pins', sprintf('“%s” was placed on the tape of the carrier.', $piece->label));
                }
            }
        }
        foreach ($this->counts() as $i => $left) {
            if ($left < 0) {
                throw BadRecord::at(
                    'pins',
                    sprintf('More of “%s” are placed by hand than there are.', $this->pieces[$i]->label),
                );
            }
        }
        foreach ($this->pinnedSheets() as $pins) {
            foreach ($pins as $i => $pin) {
                foreach (array_slice($pins, $i + 1) as $other) {
                    if (
                        null !==
                        $this->boxOf($pin)
                            ->grown(-self::FORGIVEN_MM)
                            ->overlap($this->boxOf($other))
                    ) {
                        throw BadRecord::at(
                            'pins',
                            sprintf(
                                '“%s” and “%s” were placed over each other.',
                                $this->byId[$pin->piece]->label,
                                $this->byId[$other->piece]->label,
                            ),
                        );
                    }
                }
            }
        }
    }
}

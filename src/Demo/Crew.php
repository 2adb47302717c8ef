<?php

declare(strict_types=1);

namespace Wubbin\Demo;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Clock\ClockInterface;
use Wubbin\Archive\PrintLog;
use Wubbin\Artwork\ArtworkStore;
use Wubbin\Core\Job\Job;
use Wubbin\Core\Job\JobEdit;
use Wubbin\Core\Measure\QuantityParser;
use Wubbin\Core\Measure\Units;
use Wubbin\Core\Run\Defect;
use Wubbin\Core\Run\Outcome;
use Wubbin\Job\JobPlanner;
use Wubbin\Proof\ProofAnswer;
use Wubbin\Proof\Proofs;
use Wubbin\Proof\ProofWish;
use Wubbin\Ready\ReadyWish;
use Wubbin\Ready\ReadyWork;
use Wubbin\Sheet\SheetMaker;
use Wubbin\Sheet\SomePieces;

/**
 * What was made ready before today: twelve shirts with the crew’s names, shown and approved, one of them spoilt and
 * printed again; and a child’s drawing that was photographed and goes round a candle.
 */
final readonly class Crew
{
    private const SHIRTS = 'crew-names';
    private const CANDLE = 'drawn-candle';

    /** Whose name lifted, by the place in the list. */
    private const SPOILT = 5;

    private const NAMES = [
        'Rowan',
        'Juniper',
        'Alder',
        'Willow',
        'Hazel',
        'Sorrel',
        'Bramble',
        'Linden',
        'Clover',
        'Tansy',
        'Yarrow',
        'Bryony',
    ];

    private const ROOM = [
        'do' => 'words',
        'text' => null,
        'face' => 'bold',
        'colour' => '#1b3a2a',
        'largest_mm' => 14,
        'smallest_mm' => 5,
        'lines' => 1,
        'align' => 'middle',
        'arch' => 0,
        'where' => 'below',
        'room_width_mm' => 120,
        'room_height_mm' => 22,
        'gap_mm' => 2,
    ];

    /** The paper's corners in the photo, from where it was drawn; then grey, and a band all round below. */
    private const DRAWING = [
        [
            'do' => 'square',
            'corners' => [
                ['x' => 0.1475, 'y' => 0.1056],
                ['x' => 0.8525, 'y' => 0.17],
                ['x' => 0.9287, 'y' => 0.92],
                ['x' => 0.0675, 'y' => 0.8667],
            ],
            'paper' => null,
        ],
        ['do' => 'tone', 'brightness' => 10, 'contrast' => 35, 'grey' => true],
        ['do' => 'clear', 'tolerance' => 12],
        [
            'do' => 'band',
            'length_mm' => 219.9,
            'line_mm' => 4,
            'gap_mm' => 3,
            'colour' => '#8c2f2f',
            'above' => false,
            'below' => true,
        ],
    ];

    public function __construct(
        private EntityManagerInterface $entities,
        private JobPlanner $jobs,
        private ArtworkStore $artwork,
        private ReadyWork $ready,
        private Proofs $proofs,
        private PastSession $past,
        private SheetMaker $sheets,
        private PrintLog $prints,
        private ClockInterface $clock,
    ) {}

    public function isNamed(): void
    {
        $this->changed(self::SHIRTS, [self::ROOM], ['series' => implode("\n", self::NAMES)]);
        $this->changed(self::CANDLE, self::DRAWING, []);
        $proof = $this->proofs->make(
            self::SHIRTS,
            new ProofWish('The picking crew', '', '', 'Please check your name.'),
        );
        $this->proofs->answer($proof->id, new ProofAnswer('approved', 'Hazel'));
        $plan = $this->jobs->plan($this->jobs->find(self::SHIRTS)->job());
        $sheet = $this->sheets->make($plan);
        $this->prints->sent($sheet, range(1, max(1, count($sheet->pages()))), 'Simulated printer', true);
        $pieces = array_fill(0, count(self::NAMES), [Outcome::Good, [], '', null]);
        $pieces[self::SPOILT - 1] = [
            Outcome::Spoiled,
            [[Defect::LiftedEdge, 0.5, 0.93]],
            'The name lifted while it was warm.',
            null,
        ];
        $this->past->play(self::SHIRTS, 'demo-crew', $this->clock->now()->modify('-1 day 14:00'), $pieces);
        $again = $this->sheets->makeSome($plan, new SomePieces(1));
        $this->prints->sent($again, range(1, max(1, count($again->pages()))), 'Simulated printer', true);
    }

    /**
     * @param list<array<string, mixed>> $steps
     * @param array<string, string> $changes
     */
    private function changed(string $id, array $steps, array $changes): void
    {
        $stored = $this->jobs->find($id);
        $made = $this->ready->make($stored->job(), new ReadyWish(0, $steps));
        $job = $this->edited($stored->job(), ['ready' => $made->ready] + $changes, $made->sha256);
        $stored->change($job, $this->clock->now());
        $this->entities->flush();
    }

    /** @param array<string, string> $changes */
    private function edited(Job $job, array $changes, string $made): Job
    {
        return JobEdit::apply(
            $job,
            $changes,
            new QuantityParser(Units::Metric),
            $this->jobs->catalogue(),
            $this->jobs->pictures($job) + $this->artwork->pictures([$made]),
        );
    }
}

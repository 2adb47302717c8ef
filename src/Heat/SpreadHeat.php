<?php

declare(strict_types=1);

namespace Wubbin\Heat;

use Wubbin\Core\Heat\ImpossibleModel;
use Wubbin\Core\Heat\Spread;
use Wubbin\Core\Measure\Record;
use Wubbin\Http\Problem;
use Wubbin\Task\Progress;
use Wubbin\Task\TaskHandler;

/** Computes how sure a press window is. */
final readonly class SpreadHeat implements TaskHandler
{
    private const DRAWS = 64;

    public function __construct(private HeatDesk $desk)
    {
    }

    public static function kind(): string
    {
        return 'spread-heat';
    }

    public function run(Record $input, Progress $progress): Spread
    {
        $case = $this->desk->caseOf($input->string('job'), $input->integer('picture')) ?? throw Problem::notFound('Nothing is heated here that the model knows.');
        try {
            return Spread::of($case, $this->desk->parameters(), self::DRAWS, static fn (int $done) => $progress->at($done / self::DRAWS, sprintf('%d of %d draws', $done, self::DRAWS)));
        } catch (ImpossibleModel $e) {
            throw Problem::field('heat', $e->getMessage());
        }
    }
}

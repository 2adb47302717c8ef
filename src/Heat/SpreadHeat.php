<?php

declare(strict_types=1);

namespace Wubbin\Heat;

use Wubbin\Core\Heat\ImpossibleModel;
use Wubbin\Core\Heat\Spread;
use Wubbin\Core\Measure\Record;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Refusal\NotFound;
use Wubbin\Task\Progress;
use Wubbin\Task\Search;

/** Computes how sure a press window is. */
final readonly class SpreadHeat implements Search
{
    private const DRAWS = 64;

    public function __construct(private HeatForecast $forecast) {}

    public static function kind(): string
    {
        return 'spread-heat';
    }

    public function run(Record $input, Progress $progress): Spread
    {
        $case =
            $this->forecast->caseOf($input->string('job'), $input->integer('picture')) ??
            throw new NotFound('Wubbin cannot work out the heat here.');
        try {
            return Spread::forCase(
                $case,
                $this->forecast->parameters(),
                self::DRAWS,
                static fn(int $done) => $progress->at(
                    $done / self::DRAWS,
                    sprintf('%d of %d draws', $done, self::DRAWS),
                ),
            );
        } catch (ImpossibleModel $e) {
            throw InvalidInput::field('heat', $e->getMessage());
        }
    }
}

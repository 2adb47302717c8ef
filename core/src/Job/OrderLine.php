<?php

declare(strict_types=1);

namespace Wubbin\Core\Job;

use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\PlainNumber;
use Wubbin\Core\Measure\QuantityParser;
use Wubbin\Core\Route\Catalogue;

/** A line of an order: so many of something that is known, of these sizes and colours. It becomes a job. */
final readonly class OrderLine
{
    /**
     * @param int<1, 10000> $quantity
     * @param list<Share> $breakdown empty where all are as the one it is like
     */
    private function __construct(public Job $like, public int $quantity, public array $breakdown) {}

    /**
     * @param string $quantity as typed; may be empty where sizes say how many
     * @param string $sizes as typed: “6 S, 10 M”
     *
     * @throws BadRecord naming `quantity` or `sizes`
     */
    public static function typed(
        Job $like,
        string $quantity,
        string $sizes,
        Catalogue $catalogue,
        QuantityParser $parser,
    ): self {
        $kind =
            $catalogue->blanks[$like->blank->kindId] ??
            throw BadRecord::at('what', 'It is no longer known what this is made on.');
        try {
            $breakdown = Breakdown::parse($sizes, $kind, $catalogue, $parser);
        } catch (BadRecord $e) {
            throw BadRecord::at('sizes', $e->getMessage());
        }
        $all = array_sum(array_map(static fn(Share $share): int => $share->quantity, $breakdown));
        $quantity = trim($quantity);
        if ([] !== $breakdown) {
            if ('' !== $quantity && $quantity !== (string) $all) {
                throw BadRecord::at('quantity', sprintf('Together the sizes are %d.', $all));
            }

            return new self($like, JobFile::quantity($all), $breakdown);
        }

        return new self($like, JobFile::quantity(PlainNumber::whole($quantity, Job::MOST_PIECES) ?? 0), []);
    }

    /** The job that it becomes. */
    public function job(string $id, string $for, ?string $due): Job
    {
        $name = mb_substr($this->like->name . ('' === $for ? '' : ' · ' . $for), 0, JobFile::LONGEST_NAME);

        return $this->like->orderedAs($id, $name, $this->quantity, $due, $this->breakdown);
    }
}

<?php

declare(strict_types=1);

namespace Wubbin\Task;

use OpenApi\Attributes as OA;
use Wubbin\Core\Measure\Record;
use Wubbin\Http\Problem;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Refusal\NotFound;

/** How far a piece of long work has come. */
#[OA\Schema]
final readonly class TaskView
{
    /** @param array<string, mixed>|null $result */
    private function __construct(
        public string $id,
        #[OA\Property(enum: TaskState::class)] public string $state,
        #[OA\Property(description: 'Of the work done, 0 to 1')] public float $share,
        #[OA\Property(description: 'What is being done, in words')] public string $doing,
        #[
            OA\Property(
                type: 'object',
                nullable: true,
                additionalProperties: true,
                description: 'What came of it; a problem where it failed',
            ),
        ]
        public ?array $result,
    ) {}

    public static function of(Task $task): self
    {
        $result = TaskState::Failed->value === $task->state ? self::problem(Record::of($task->result)) : $task->result;

        return new self($task->id, $task->state, $task->share, $task->doing, $result);
    }

    /** @return array<string, mixed> */
    private static function problem(Record $failure): array
    {
        $errors = $failure->record('errors')->stringMap();
        $problem = match ($failure->string('kind')) {
            'unexpected' => Problem::unexpected(number: $failure->string('title')),
            'not-found' => Problem::fromRefusal(new NotFound($failure->string('title'))),
            default => Problem::fromRefusal(
                InvalidInput::fields([] === $errors ? ['file' => $failure->string('title')] : $errors),
            ),
        };

        return $problem->jsonSerialize();
    }
}

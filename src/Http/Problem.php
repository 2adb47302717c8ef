<?php

declare(strict_types=1);

namespace Wubbin\Http;

use OpenApi\Attributes as OA;
use Wubbin\Refusal\Conflict;
use Wubbin\Refusal\NotFound;
use Wubbin\Refusal\Refusal;
use Wubbin\Storage\StorageTrouble;
use Wubbin\Storage\TroubleKind;

/** What went wrong, for the person at the screen: RFC 9457 with the fields it is about. */
#[OA\Schema]
final class Problem extends \RuntimeException implements \JsonSerializable
{
    private const AGAIN_AFTER_S = 2;

    /**
     * @param string $type a stable word, relative to /problems/
     * @param array<string, string> $errors messages by field
     * @param array<string, mixed> $more what else helps to go on
     * @param int|null $retryAfter seconds after which the same may be asked again
     */
    private function __construct(
        public readonly string $type,
        public readonly string $title,
        public readonly int $status,
        public readonly array $errors = [],
        private readonly array $more = [],
        public readonly ?int $retryAfter = null,
    ) {
        parent::__construct($title);
    }

    public static function fromRefusal(Refusal $refusal): self
    {
        return match (true) {
            $refusal instanceof NotFound => new self('not-found', $refusal->getMessage(), 404),
            $refusal instanceof Conflict => new self(
                'conflict',
                $refusal->getMessage(),
                409,
                [],
                ['current' => $refusal->current],
            ),
            default => new self('invalid', $refusal->getMessage(), 422, $refusal->errors),
        };
    }

    public static function forbidden(string $title): self
    {
        return new self('forbidden', $title, 403);
    }

    public static function tooLarge(string $title): self
    {
        return new self('too-large', $title, 413, ['file' => $title]);
    }

    public static function exhausted(): self
    {
        return new self(
            'exhausted',
            'This needs more memory than Wubbin has. Nothing was changed. Make it smaller or simpler, and try again.',
            507,
        );
    }

    public static function unread(): self
    {
        return new self(
            'unread',
            'Say which version you have read: send its ETag as If-Match, or * to write over whatever is there.',
            428,
        );
    }

    public static function unreadable(string $title): self
    {
        return new self('unreadable', $title, 400);
    }

    /** The shop cannot be read or written; what is only busy is asked again after the seconds that are said. */
    public static function fromTrouble(StorageTrouble $trouble): self
    {
        return new self(
            $trouble->kind->value,
            $trouble->getMessage(),
            TroubleKind::Full === $trouble->kind ? 507 : 503,
            retryAfter: TroubleKind::Busy === $trouble->kind ? self::AGAIN_AFTER_S : null,
        );
    }

    /** @param string|null $number under which the log tells more */
    public static function unexpected(int $status = 500, ?string $number = null): self
    {
        return new self(
            500 === $status ? 'unexpected' : 'http',
            match ($status) {
                404 => 'There is nothing at this address.',
                405 => 'This cannot be done here.',
                500 => 'Something went wrong inside Wubbin. Nothing you entered was changed' .
                    (null === $number ? '.' : sprintf('. The log has the details under number %s.', $number)),
                default => 'What was sent cannot be read.',
            },
            $status,
        );
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'type' => '/problems/' . $this->type,
            'title' => $this->title,
            'status' => $this->status,
            'errors' => (object) $this->errors,
            ...$this->more,
        ];
    }
}

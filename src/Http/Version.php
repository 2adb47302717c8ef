<?php

declare(strict_types=1);

namespace Wubbin\Http;

use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Wubbin\Refusal\Conflict;

/**
 * What tells two people apart who change the same document: RFC 9110's entity tag (§8.8.3) and If-Match (§13.1.1). The
 * tag is the hash of what it says, so that nothing is counted anywhere.
 */
final readonly class Version
{
    private const LENGTH = 16;

    /** @param non-empty-list<string> $hashes of its parts */
    private function __construct(private array $hashes) {}

    /** @param mixed $document all that a change of it would be lost in */
    public static function of(mixed $document): self
    {
        $json = json_encode($document, \JSON_THROW_ON_ERROR | \JSON_PRESERVE_ZERO_FRACTION);

        return new self([substr(hash('sha256', $json), 0, self::LENGTH)]);
    }

    /** Of an answer that says several documents, each of which is changed by itself. */
    public function and(self $other): self
    {
        return new self([...$this->hashes, ...$other->hashes]);
    }

    private function tag(): string
    {
        return '"' . implode('.', $this->hashes) . '"';
    }

    /** The answer, with the version of what it says. */
    public function on(JsonResponse $answer): JsonResponse
    {
        $answer->headers->set('ETag', $this->tag());

        return $answer;
    }

    /**
     * Has to be asked where others wait to write.
     *
     * @param array<string, mixed> $current as it stands now
     * @param self|null $within the version of the answer that it was read in, where that says more than it
     *
     * @throws Conflict where somebody changed it since it was read
     * @throws Problem where it is not said what was read
     */
    public function hold(Request $request, array $current, ?self $within = null): void
    {
        $read = $request->headers->get('If-Match');
        if (null === $read) {
            throw Problem::unread();
        }
        $seen = explode(' ', strtr($read, ['"' => ' ', '.' => ' ', ',' => ' ']));
        if ('*' !== trim($read) && [] !== array_diff($this->hashes, $seen)) {
            throw new Conflict(
                'Somebody else changed this, so your change is not stored yet. ' .
                    'Look at what is there now, and store yours again.',
                ['version' => ($within ?? $this)->tag(), 'document' => $current],
            );
        }
    }
}

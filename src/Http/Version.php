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

    private function __construct(private string $tag) {}

    /** @param mixed $document all that a change of it would be lost in */
    public static function of(mixed $document): self
    {
        $json = json_encode($document, \JSON_THROW_ON_ERROR | \JSON_PRESERVE_ZERO_FRACTION);

        return new self('"' . substr(hash('sha256', $json), 0, self::LENGTH) . '"');
    }

    /** The answer, with the version of what it says. */
    public function on(JsonResponse $answer): JsonResponse
    {
        $answer->headers->set('ETag', $this->tag);

        return $answer;
    }

    /**
     * Has to be asked where others wait to write.
     *
     * @param array<string, mixed> $current as it stands now
     *
     * @throws Conflict where somebody changed it since it was read
     * @throws Problem where it is not said what was read
     */
    public function hold(Request $request, array $current): void
    {
        $read = $request->headers->get('If-Match');
        if (null === $read) {
            throw Problem::unread();
        }
        if ('*' !== trim($read) && !in_array($this->tag, array_map(trim(...), explode(',', $read)), true)) {
            throw new Conflict(
                'Somebody else changed this meanwhile. Nothing of theirs was lost, and yours was not stored yet: ' .
                    'look at what is there now, and store yours again.',
                ['version' => $this->tag, 'document' => $current],
            );
        }
    }
}

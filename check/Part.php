<?php

declare(strict_types=1);

namespace Wubbin\Check;

/** One part of the check: a command with a name, and what is known of it before it runs. */
final readonly class Part
{
    /**
     * @param string $id that files and reports are named by
     * @param string $name that people read
     * @param list<string> $command
     * @param int $nice how far it stands back behind others, 0 to 19
     * @param array<string, string> $environment over that of this process
     * @param string|null $tests file that its tests are written into, as JUnit's XML
     */
    public function __construct(
        public string $id,
        public string $name,
        public array $command,
        public int $nice = 0,
        public array $environment = [],
        public ?string $tests = null,
    ) {}
}

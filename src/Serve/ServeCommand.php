<?php

declare(strict_types=1);

namespace Wubbin\Serve;

use Doctrine\DBAL\Connection;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Component\Filesystem\Filesystem;
use Symfony\Component\Process\ExecutableFinder;
use Symfony\Component\Process\Process;
use Wubbin\Http\ClosedDoor;
use Wubbin\Http\ShopKey;
use Wubbin\Pdf\WarmPress;
use Wubbin\Storage\ShopIsOpen;
use Wubbin\Storage\ShopLock;
use Wubbin\Task\TaskQueue;

/** Opens a shop: brings it up to date, serves its page, does its long work, and keeps all that together. */
#[AsCommand('serve', 'Open the shop in WUBBIN_DATA, until you stop it')]
final class ServeCommand extends Command
{
    /** What PHP's server is given: a page's own work, and uploads of up to 64 MB. */
    /** That Debian’s programs of Python run with. */
    private const PYTHON = '/usr/bin/python3';

    private const SERVER = [
        'display_errors=0',
        'expose_php=0',
        'log_errors=1',
        'opcache.enable_cli=1',
        'memory_limit=512M',
        'upload_max_filesize=64M',
        'post_max_size=66M',
    ];

    /** Long work counts much, and holds large pictures. */
    private const WORKER = [
        'display_errors=stderr',
        'memory_limit=1G',
        'opcache.enable_cli=1',
        'opcache.jit=tracing',
        'opcache.jit_buffer_size=64M',
    ];

    /** Requests that are answered at once: one that is slow holds up nobody. */
    private const ANSWERING = '6';

    public function __construct(
        private readonly string $dataDirectory,
        private readonly string $projectDirectory,
        private readonly ShopKey $key,
        private readonly TaskQueue $tasks,
        private readonly Connection $connection,
    ) {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('name', InputArgument::OPTIONAL, 'What the shop is called', 'Your shop')->addOption(
            'demo',
            null,
            InputOption::VALUE_NONE,
            'If it is empty, fill it with the demo shop',
        );
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        try {
            return $this->serve($input, $output);
        } catch (CannotServe | ShopIsOpen $e) {
            $output->writeln($e->getMessage());

            return Command::FAILURE;
        }
    }

    /**
     * @throws CannotServe
     * @throws ShopIsOpen
     */
    private function serve(InputInterface $input, OutputInterface $output): int
    {
        if (!is_dir($this->dataDirectory) && !@mkdir($this->dataDirectory, 0o700, true)) {
            throw new CannotServe('The shop’s directory cannot be made: ' . $this->dataDirectory . '.');
        }
        $place = ListeningPlace::find((string) getenv('ADDRESS'), (string) getenv('PORT'));
        $lock = ShopLock::take($this->dataDirectory);
        foreach (['migrate', ...true === $input->getOption('demo') ? ['demo'] : []] as $first) {
            $process = new Process([\PHP_BINARY, $this->projectDirectory . '/bin/wubbin', $first], timeout: null);
            $process->run(static fn(string $type, string $text) => $output->write($text));
            if (!$process->isSuccessful()) {
                return Command::FAILURE;
            }
        }
        $this->tasks->beginAfresh();
        $this->connection->close();
        $logs = $this->logs();
        $supervisor = new Supervisor($this->children($place, $logs), array_values($logs));
        $supervisor->listen();
        $lock->saysWhere(sprintf('%s (process %d)', $place->url(), getmypid()));
        try {
            $supervisor->run(function () use ($input, $output, $place): void {
                $name = $input->getArgument('name');
                $output->writeln(['', sprintf('%s: %s', is_string($name) ? $name : '', $place->url())]);
                if (!$place->isForThisMachineAlone()) {
                    $link = $place->url() . ClosedDoor::LINK . $this->key->text();
                    $output->writeln([
                        'From another machine or a phone, open this, or scan it:',
                        $link,
                        ...QrText::lines($link),
                    ]);
                }
                $output->writeln('Ctrl-C stops it.');
            });
        } finally {
            $lock->letGo();
        }
        $output->writeln('Stopped.');

        return Command::SUCCESS;
    }

    /** @return array{server: RunningLog, work: RunningLog, php: RunningLog} */
    private function logs(): array
    {
        $files = new Filesystem();
        $files->mkdir($this->dataDirectory . '/logs', 0o700);
        // What was under way when a shop was stopped is begun again from the start.
        $files->remove($this->dataDirectory . '/tmp');
        $files->mkdir($this->dataDirectory . '/tmp', 0o700);
        $log = function (string $name): RunningLog {
            $log = new RunningLog($this->dataDirectory . '/logs/' . $name . '.log');
            $log->rotate();

            return $log;
        };

        return ['server' => $log('requests'), 'work' => $log('work'), 'php' => $log('php')];
    }

    /**
     * @param array{server: RunningLog, work: RunningLog, php: RunningLog} $logs
     *
     * @return list<Child>
     */
    private function children(ListeningPlace $place, array $logs): array
    {
        $temporary = $this->dataDirectory . '/tmp';
        $environment =
            [
                'WUBBIN_DATA' => $this->dataDirectory,
                'WUBBIN_HOSTS' => implode(',', $place->hosts()),
                'WUBBIN_OWN_ADDRESSES' => implode(',', $place->own),
                'PHP_CLI_SERVER_WORKERS' => self::ANSWERING,
                'TMPDIR' => $temporary,
                'MAGICK_TEMPORARY_PATH' => $temporary,
            ] + getenv();
        $errors = 'error_log=' . $logs['php']->path;
        $public = $this->projectDirectory . '/public';
        $work = [...self::php([...self::WORKER, $errors]), $this->projectDirectory . '/bin/wubbin', 'work'];

        // Laid out sooner where it stays loaded; a shop without it opens all the same.
        $press =
            null === (new ExecutableFinder())->find('weasyprint')
                ? []
                : [
                    new Child(
                        'The press for papers',
                        [
                            self::PYTHON,
                            $this->projectDirectory . '/src/Pdf/press.py',
                            WarmPress::socket($this->dataDirectory),
                        ],
                        $environment,
                        $logs['work']->path,
                    ),
                ];

        return [
            ...$press,
            new Child(
                'The server',
                [
                    ...self::php([...self::SERVER, $errors]),
                    '-S',
                    $place->listen(),
                    '-t',
                    $public,
                    $public . '/router.php',
                ],
                $environment,
                $logs['server']->path,
            ),
            new Child('The worker', $work, $environment, $logs['work']->path),
            // A photo never waits behind a search.
            new Child('The second worker', [...$work, '--short'], $environment, $logs['work']->path),
        ];
    }

    /**
     * @param list<string> $settings
     *
     * @return non-empty-list<string>
     */
    private static function php(array $settings): array
    {
        $command = [\PHP_BINARY];
        foreach ($settings as $setting) {
            array_push($command, '-d', $setting);
        }

        return $command;
    }
}

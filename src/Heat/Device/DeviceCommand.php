<?php

declare(strict_types=1);

namespace Wubbin\Heat\Device;

use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;
use Wubbin\Core\Heat\PressBody;
use Wubbin\Core\Route\Catalogue;
use Wubbin\Core\Route\HeatKind;

#[AsCommand('device', 'Run a simulated press with a probe, to be reached by lines over TCP')]
final class DeviceCommand extends Command
{
    private const PORT = 8427;

    public function __construct(private readonly Catalogue $catalogue, private readonly ClockInterface $clock)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addOption(
            'port',
            null,
            InputOption::VALUE_REQUIRED,
            'On this machine’s own address. 0 takes a free one',
            (string) self::PORT,
        )
            ->addOption(
                'token',
                null,
                InputOption::VALUE_REQUIRED,
                'The token of a connection. Without one, a new one is made',
            )
            ->addOption('mug', null, InputOption::VALUE_NONE, 'A mug press instead of a flat one')
            ->addOption('weak', null, InputOption::VALUE_NONE, 'Its heater is broken: it never gets hot');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        /** @var array{port: string, token: ?string, mug: bool, weak: bool} $options */
        $options = $input->getOptions();
        $token = $options['token'] ?? bin2hex(random_bytes(8));
        $body = PressBody::cold(
            $options['mug'] ? HeatKind::MugPress : HeatKind::FlatPress,
            $this->catalogue->heat->parameters,
        );
        $server = new DeviceServer(
            new SimulatedPress(
                $body,
                fn(): float => (float) $this->clock->now()->format('U.u'),
                random_int(1, 1000000),
                $options['weak'],
            ),
            $token,
            (int) $options['port'],
        );
        $output->writeln(sprintf('address %s', $server->address()), OutputInterface::OUTPUT_RAW);
        $output->writeln(sprintf('token   %s', $token), OutputInterface::OUTPUT_RAW);
        $output->writeln('Enter both under Settings. Ctrl-C stops it.', OutputInterface::OUTPUT_RAW);
        $stopped = false;
        if (\function_exists('pcntl_signal')) {
            pcntl_async_signals(true);
            foreach ([\SIGINT, \SIGTERM] as $signal) {
                pcntl_signal($signal, static function () use (&$stopped): void {
                    $stopped = true;
                });
            }
        }
        do {
            $server->serve(1.0);
        } while (!$stopped);

        return Command::SUCCESS;
    }
}

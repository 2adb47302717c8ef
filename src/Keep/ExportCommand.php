<?php

declare(strict_types=1);

namespace Wubbin\Keep;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Exception\InvalidArgumentException;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/** The whole shop in open formats, for whoever wants to read it without Wubbin. */
#[AsCommand('export', 'Put jobs, recipes, tables and pictures into one archive in open formats')]
final class ExportCommand extends Command
{
    public function __construct(private readonly ShopExport $export)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('file', InputArgument::REQUIRED, 'Where to, such as shop.tar');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $path = $input->getArgument('file');
        $file = is_string($path) ? @fopen($path, 'x') : false;
        if (!is_string($path) || false === $file) {
            throw new InvalidArgumentException('That file is there already, or cannot be written.');
        }
        $this->export->write(new PlainSink($file));
        $output->writeln($path);

        return Command::SUCCESS;
    }
}

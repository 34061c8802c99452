<?php

declare(strict_types=1);

namespace Zumbo\App\Rhythm\Recording;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Platform\File\GymFiles;
use Zumbo\App\Platform\File\IncomingFile;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Job\JobQueue;

/**
 * Brings recordings into the database that an earlier version, or a copy that it made, has in a folder: one folder for each gym, in
 * it ID.wav. Each goes from the folder once it is whole in the database.
 */
#[AsCommand('zumbo:take-in-recordings', 'Bring recordings of an earlier version into the database')]
final class TakeInRecordingsCommand extends Command
{
    public function __construct(
        private readonly GymFiles $recordings,
        private readonly JobQueue $queue,
        private readonly GymScope $scope,
    ) {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('folder', InputArgument::REQUIRED, 'where they lie');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $folder = $input->getArgument('folder');
        $taken = 0;
        foreach (\is_string($folder) ? (array) glob($folder.'/*/*.wav') : [] as $path) {
            $gym = basename(\dirname((string) $path));
            $id = basename((string) $path, '.wav');
            if (!Uuid::isValid($gym) || !Uuid::isValid($id)) {
                continue;
            }
            $this->scope->enter(Uuid::fromString($gym));
            $taken += (int) $this->takeIn(Uuid::fromString($id), (string) $path);
            $this->scope->leave();
        }
        $output->writeln("$taken recordings are in the database now");

        return Command::SUCCESS;
    }

    private function takeIn(Uuid $id, string $path): bool
    {
        // One that nobody has asked for was a transfer that broke off.
        $known = null !== $this->queue->find($id);
        if ($known && !$this->recordings->has($id)) {
            $sound = fopen($path, 'r');
            if (false === $sound) {
                throw new \RuntimeException("$path can't be read");
            }
            $this->recordings->keep($id, IncomingFile::ofStream($sound, (int) filesize($path)));
            fclose($sound);
        }
        unlink($path);

        return $known;
    }
}

<?php

declare(strict_types=1);

namespace Zumbo\App\OwnGym\Operate;

use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Component\Validator\Validator\ValidatorInterface;
use Zumbo\App\Platform\Problem\AcceptedForm;
use Zumbo\App\Platform\Problem\BadField;
use Zumbo\App\Platform\Problem\SecretField;

/**
 * Does what a command was asked for, or says which field can't be used and what would be right, as the screens do.
 */
final readonly class Checked
{
    public function __construct(private ValidatorInterface $validator)
    {
    }

    /**
     * @param list<object>             $inputs to be valid before anything is done
     * @param callable(): list<string> $do     answers with what is to be said
     *
     * @return int the command's exit code
     */
    public function run(OutputInterface $output, array $inputs, callable $do): int
    {
        try {
            foreach ($inputs as $input) {
                $this->need($input);
            }
            $output->writeln($do());
        } catch (BadField $e) {
            $output->writeln($e->getMessage());

            return Command::INVALID;
        }

        return Command::SUCCESS;
    }

    private function need(object $input): void
    {
        foreach ($this->validator->validate($input) as $violation) {
            $accepted = AcceptedForm::of($violation);
            $field = $violation->getPropertyPath();
            throw SecretField::isAt($input, $field)
                ? BadField::secret($field, $accepted)
                : BadField::of($field, $violation->getInvalidValue(), $accepted);
        }
    }
}

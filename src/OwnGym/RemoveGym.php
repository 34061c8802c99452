<?php

declare(strict_types=1);

namespace Zumbo\App\OwnGym;

use Zumbo\App\Entity\Gym\GymOverview;
use Zumbo\App\Entity\Gym\GymRows;
use Zumbo\App\Platform\Api\KeptAnswers;
use Zumbo\App\Platform\File\GymFiles;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Write\Transaction;

/**
 * Deletes a gym with all that is kept of it: rows, recordings, files that wait, answers.
 */
final readonly class RemoveGym
{
    public function __construct(
        private GymRows $rows,
        private GymFiles $recordings,
        private GymFiles $imports,
        private KeptAnswers $kept,
        private GymScope $scope,
        private Transaction $transaction,
    ) {
    }

    public function remove(GymOverview $gym): void
    {
        $this->scope->enter($gym->id);
        // Before the rows: bytes go piece by piece, not all in one transaction.
        $this->recordings->deleteAll();
        $this->imports->deleteAll();
        $this->transaction->run($this->rows->clear(...));
        $this->kept->forget();
    }
}

<?php

declare(strict_types=1);

namespace Zumbo\App\OwnGym\Settings;

use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Zumbo\App\Platform\Api\Answers;
use Zumbo\App\Platform\Input\FromBody;
use Zumbo\App\Platform\Input\WriteCondition;
use Zumbo\App\Shared\GymView;

/**
 * What a gym has chosen for itself. It is told with /api/me.
 */
final readonly class SettingsController
{
    public function __construct(private ChangeSettings $change)
    {
    }

    #[Route('/api/gym', methods: ['PATCH'])]
    #[IsGranted('ROLE_OWNER')]
    #[Answers(GymView::class, says: 'Changes what the gym has chosen for itself.')]
    public function change(WriteCondition $condition, #[FromBody] SettingsInput $input): GymView
    {
        return GymView::of($this->change->change($input, $condition));
    }
}

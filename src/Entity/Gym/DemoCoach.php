<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Gym;

/**
 * By whom one looks around the demo. The password is published: it guards invented people only.
 */
final class DemoCoach
{
    public const EMAIL = 'maren@saltmarsh.example';
    public const PASSWORD = 'harbour rope 14';
}

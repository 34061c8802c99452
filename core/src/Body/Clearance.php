<?php

declare(strict_types=1);

namespace Zumbo\Core\Body;

/**
 * Whose word lifted what was noted. A coach's word lifts pain; for everything else the athlete must state that a
 * professional cleared it.
 */
enum Clearance: string
{
    case Coach = 'coach';
    /** As the athlete, or the guardian of one under 18, has stated. */
    case Professional = 'professional';
}

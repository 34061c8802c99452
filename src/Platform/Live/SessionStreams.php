<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Live;

/**
 * The streams that were opened with a session end with it: they also listen to a channel of the session, and when that is
 * deleted nginx lets go of them.
 */
final readonly class SessionStreams
{
    public function __construct(private NginxChannels $nginx)
    {
    }

    /** The name of the session's channel, which tells nobody its id. */
    public static function channel(string $sessionId): string
    {
        return hash('sha256', $sessionId);
    }

    public function end(string $sessionId): void
    {
        $this->nginx->delete('session/'.self::channel($sessionId));
    }
}

<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Live;

use Psr\Log\LoggerInterface;
use Symfony\Component\DependencyInjection\Attribute\Autowire;

/**
 * The channels that nginx holds for listeners, over its local socket. What can't be said is lost, and costs a listener a
 * question.
 */
final readonly class NginxChannels
{
    private const MOST_MS = 300;

    public function __construct(
        #[Autowire('%env(default::ZUMBO_PUBLISH_SOCKET)%')] private ?string $socket,
        private LoggerInterface $logger,
    ) {
    }

    public function publish(string $channel, string $message): void
    {
        $this->ask($channel, [\CURLOPT_POSTFIELDS => $message]);
    }

    /** Whoever listens to it hears nothing more, also of its other channels. */
    public function delete(string $channel): void
    {
        $this->ask($channel, [\CURLOPT_CUSTOMREQUEST => 'DELETE']);
    }

    /**
     * @param array<int, string> $options
     */
    private function ask(string $channel, array $options): void
    {
        if (null === $this->socket || '' === $this->socket) {
            return;
        }
        $request = curl_init('http://localhost/'.$channel);
        if (false === $request) {
            return;
        }
        curl_setopt_array($request, $options + [
            \CURLOPT_UNIX_SOCKET_PATH => $this->socket,
            \CURLOPT_HTTPHEADER => ['Content-Type: text/plain'],
            \CURLOPT_RETURNTRANSFER => true,
            \CURLOPT_TIMEOUT_MS => self::MOST_MS,
        ]);
        if (false === curl_exec($request)) {
            $this->logger->warning('nginx did not hear: '.curl_error($request));
        }
        curl_close($request);
    }
}

<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\File;

use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Platform\Gym\GymScope;

/**
 * Answers with a kept file, or with the one part of it that was asked for (RFC 9110, 14: Range Requests): whoever listens to a
 * recording jumps about in it. Several ranges at once are answered with all of it, as the standard allows.
 */
final readonly class PartOfFile
{
    public function __construct(private GymScope $scope)
    {
    }

    /** @return Response|null null when there is no such file */
    public function of(GymFiles $files, Uuid $id, string $type, Request $request): ?Response
    {
        $bytes = $files->bytes($id);
        if (null === $bytes) {
            return null;
        }
        $head = ['Content-Type' => $type, 'Accept-Ranges' => 'bytes', 'Cache-Control' => 'private, no-cache'];
        $part = self::asked((string) $request->headers->get('Range'), $bytes);
        if ([] === $part) {
            return new Response(status: 416, headers: $head + ['Content-Range' => "bytes */$bytes"]);
        }
        [$from, $before] = $part ?? [0, $bytes];
        $head += ['Content-Length' => (string) ($before - $from)];
        if (null !== $part) {
            $head += ['Content-Range' => \sprintf('bytes %d-%d/%d', $from, $before - 1, $bytes)];
        }

        return new StreamedResponse($this->pieces($this->scope->gymId(), $files, $id, [$from, $before]), null === $part ? 200 : 206, $head);
    }

    /**
     * They go out after the request has left its gym.
     *
     * @param array{int, int} $part
     *
     * @return \Generator<int, string>
     */
    private function pieces(Uuid $gym, GymFiles $files, Uuid $id, array $part): \Generator
    {
        $within = $this->scope->isEntered();
        $this->scope->enter($gym);
        try {
            yield from $files->read($id, ...$part);
        } finally {
            if (!$within) {
                $this->scope->leave();
            }
        }
    }

    /** @return array{int, int}|array{}|null where it begins, and what it ends before; null: all of it; []: nothing there */
    private static function asked(string $range, int $bytes): ?array
    {
        if (1 !== preg_match('/^bytes=(\d{0,15})-(\d{0,15})$/', $range, $found) || '' === $found[1].$found[2]) {
            return null;
        }
        [, $first, $last] = $found;
        if ('' === $first) {
            return 0 === (int) $last ? [] : [max(0, $bytes - (int) $last), $bytes];
        }
        if ('' !== $last && (int) $last < (int) $first) {
            return null;
        }

        return (int) $first >= $bytes ? [] : [(int) $first, '' === $last ? $bytes : min((int) $last + 1, $bytes)];
    }
}

<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Access;

use Doctrine\DBAL\Connection;
use Doctrine\Persistence\ManagerRegistry;
use Symfony\Component\String\ByteString;

/**
 * The code by which the first gym of a machine is made at the sign-in page: shown to whoever runs the machine, good once.
 * It belongs to no gym: there is none yet.
 */
final readonly class FirstCode
{
    /** Nothing that is read for something else. */
    private const LETTERS = 'ABCDEFGHJKMNPQRSTUVWXYZ23456789';
    private const LENGTH = 12;

    public function __construct(private ManagerRegistry $registry)
    {
    }

    /** The one that is good; made when there is none. */
    public function current(): string
    {
        $this->connection()->executeStatement('INSERT IGNORE INTO first_code (id, code) VALUES (1, ?)', [
            ByteString::fromRandom(self::LENGTH, self::LETTERS)->toString(),
        ]);
        $code = $this->connection()->fetchOne('SELECT code FROM first_code WHERE id = 1');

        return implode('-', str_split(\is_string($code) ? $code : '', 4));
    }

    /**
     * In the caller's transaction: of two who type it at the same moment one is first.
     *
     * @param string $typed in capitals or not, with hyphens, blanks or none
     *
     * @return bool whether it was the one; it is no more
     */
    public function takeUp(string $typed): bool
    {
        $code = strtoupper((string) preg_replace('/[^a-z0-9]/i', '', $typed));

        return 1 === $this->connection()->executeStatement('DELETE FROM first_code WHERE code = ?', [$code]);
    }

    private function connection(): Connection
    {
        $connection = $this->registry->getConnection();
        \assert($connection instanceof Connection);

        return $connection;
    }
}

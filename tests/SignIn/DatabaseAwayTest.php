<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\SignIn;

use Doctrine\DBAL\Exception as DbalException;
use Symfony\Component\EventDispatcher\EventDispatcherInterface;
use Symfony\Component\HttpKernel\KernelEvents;
use Symfony\Component\Security\Core\Authentication\Token\Storage\TokenStorage;
use Zumbo\App\Tests\ApiTestCase;

/**
 * The database goes away while it is read who asks, and is back before the answer is out: another one has taken over.
 */
final class DatabaseAwayTest extends ApiTestCase
{
    public function testSignsNobodyOut(): void
    {
        $this->signInto();
        $this->browser->disableReboot();
        $dispatcher = self::service(EventDispatcherInterface::class);
        $connection = self::connection();
        $fall = static function () use ($connection): void {
            try {
                $connection->executeStatement('KILL CONNECTION_ID()');
            } catch (DbalException) {
                // It says that it is gone.
            }
        };
        // Just before the firewall asks who it is.
        $dispatcher->addListener(KernelEvents::REQUEST, $fall, 9);
        // Signing in for the test has left it here, where a server would have nothing.
        $tokens = self::getContainer()->get('security.untracked_token_storage');
        self::assertInstanceOf(TokenStorage::class, $tokens);
        $tokens->setToken(null);
        $this->send('GET', '/api/athletes');
        $this->assertStatus(503);
        $dispatcher->removeListener(KernelEvents::REQUEST, $fall);
        $connection->close();
        $this->send('GET', '/api/athletes?again');
        $this->assertStatus(200);
    }
}

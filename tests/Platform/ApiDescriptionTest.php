<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\Platform;

use PHPUnit\Framework\AssertionFailedError;
use Symfony\Bundle\FrameworkBundle\Test\KernelTestCase;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\Routing\RouterInterface;
use Zumbo\App\Log\DescribeEntries;
use Zumbo\App\Platform\Describe\ApiDescription;
use Zumbo\App\Platform\Describe\DescribeApi;
use Zumbo\App\Tests\DescribedApi;
use Zumbo\App\Tests\RealServices;

final class ApiDescriptionTest extends KernelTestCase
{
    use RealServices;

    public function testTheCommittedDescriptionIsTheGeneratedOne(): void
    {
        self::assertSame(
            DescribeApi::json(self::description()),
            file_get_contents(DescribedApi::FILE),
            'run ./zumbo console zumbo:describe-api > api/openapi.json',
        );
    }

    public function testTheDevicesMessagesForEntriesAreTheCores(): void
    {
        self::assertSame(
            DescribeEntries::json(),
            file_get_contents(__DIR__.'/../../web/src/lib/entryMessages.json'),
            'run ./zumbo console zumbo:describe-entries > web/src/lib/entryMessages.json',
        );
    }

    public function testEveryRouteIsDescribed(): void
    {
        $described = self::description()['paths'];
        $routes = 0;
        foreach (self::service(RouterInterface::class)->getRouteCollection() as $route) {
            if (\in_array($route->getPath(), ['/api/health', '/api/ready', '/api/calc/{name}'], true)) {
                continue;
            }
            ++$routes;
            foreach ($route->getMethods() as $method) {
                self::assertArrayHasKey(
                    strtolower($method),
                    $described[$route->getPath()] ?? [],
                    $method.' '.$route->getPath(),
                );
            }
        }
        self::assertGreaterThan(10, $routes);
    }

    public function testEveryRouteSaysWhatItIsForAndForWhom(): void
    {
        foreach (self::description()['paths'] as $path => $operations) {
            foreach ($operations as $method => $operation) {
                self::assertNotSame('', $operation['summary'] ?? '', "$method $path");
                $whose = str_starts_with($path, '/api/calc/') ? 'For whoever is signed in.' : $operation['description'];
                self::assertMatchesRegularExpression('/^For (anybody|whoever is signed in|coaches|owners)\.$/', $whose);
            }
        }
        self::assertSame('For owners.', self::description()['paths']['/api/trail']['get']['description']);
    }

    public function testInputLimitsStandInTheDescription(): void
    {
        $schemas = self::description()['components']['schemas'];
        self::assertSame(['right', 'left', 'both'], $schemas['AthleteInput']['properties']['dominantHand']['enum']);
        self::assertSame(80, $schemas['AthleteInput']['properties']['name']['maxLength']);
        self::assertSame(['name', 'height', 'dominantHand', 'experience'], $schemas['AthleteInput']['required']);
        self::assertSame(['type' => ['number', 'null']], $schemas['SchoolRopeView']['properties']['reachM']);
    }

    public function testAnAnswerThatIsNotAsDescribedIsNoticed(): void
    {
        DescribedApi::committed()->check('GET', '/api/me', new JsonResponse(['coach' => null, 'gym' => null]));
        $this->expectException(AssertionFailedError::class);
        DescribedApi::committed()->check('GET', '/api/me', new JsonResponse(['coach' => null]));
    }

    /**
     * @return array<string, mixed>
     */
    private static function description(): array
    {
        return self::service(ApiDescription::class)->describe();
    }
}

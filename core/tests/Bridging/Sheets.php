<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Bridging;

use Kavvel\Core\Bridging\BoxSheet;
use Kavvel\Core\Bridging\EcosystemSheet;
use Kavvel\Core\Catalogue\Profile;
use Kavvel\Core\Input\Input;

/** Sheets of the catalogue as the tests of bridging need them. */
final readonly class Sheets
{
    /** @param array<string, mixed> $more */
    public static function ecosystem(string $kind = 'phone', array $more = []): EcosystemSheet
    {
        return EcosystemSheet::fromInput(Input::of($more + [
            'key' => "some-{$kind}", 'name' => "Some {$kind}", 'kind' => $kind, 'accepts' => ['matter', 'matter-bridge', 'cloud-link'],
            'knows' => ['on-off', 'level', 'power', 'contact', 'lock', 'cover', 'temperature'], 'removal' => 'bridge',
        ]));
    }

    /** @param array<string, mixed> $more */
    public static function hub(array $more = []): BoxSheet
    {
        return BoxSheet::fromInput(Input::of($more + [
            'key' => 'own-hub', 'name' => 'Own hub', 'hub' => true, 'accepts' => [], 'latencyMs' => 30,
            'offers' => [['as' => 'matter-bridge', 'matterRelease' => '1.2', 'drops' => ['button']]],
        ]));
    }

    /**
     * @param  list<string>  $capabilities
     * @param  array<string, mixed>  $more
     */
    public static function profile(string $protocol, array $capabilities, array $more = []): Profile
    {
        return Profile::fromInput(Input::of($more + [
            'key' => "some-{$protocol}", 'name' => 'Some device', 'model' => 'M-1', 'protocol' => $protocol, 'role' => 'end',
            'power' => 'mains', 'capabilities' => $capabilities,
        ]));
    }
}

<?php

declare(strict_types=1);

namespace Tests;

use App\Models\BridgeBox;
use App\Models\Ecosystem;
use Illuminate\Http\Client\Request;
use Illuminate\Support\Facades\Http;
use Kavvel\Standin\House\House;
use Kavvel\Standin\Link\EcosystemApi;
use Kavvel\Standin\Time\HandLog;

/** Ecosystems and boxes of Lantern House answer in this very process, and a hand does what the client does there. */
trait StandsInForEcosystems
{
    private HandLog $hands;

    private string $handsFolder;

    /** @param array<string, mixed> $truth that differs from the demo */
    private function standIn(array $truth = []): void
    {
        $demo = dirname(__DIR__).'/database/demo/lantern-house';
        $overlay = [...(array) json_decode((string) file_get_contents("{$demo}.truth.json"), true), ...$truth];
        $house = House::read((string) file_get_contents("{$demo}.json"), (string) json_encode($overlay));
        $this->handsFolder = sys_get_temp_dir().'/kavvel-ecosystems-'.bin2hex(random_bytes(6));
        $this->hands = new HandLog($this->handsFolder);
        $api = new EcosystemApi($house, $this->hands, 'token');
        Http::fake(static function (Request $request) use ($api) {
            $url = parse_url($request->url());
            parse_str($url['query'] ?? '', $query);
            /** @var array<string, mixed> $query */
            $body = json_decode($request->body(), true);
            [$status, $answer] = $api->answer(
                $request->method(),
                $url['path'] ?? '',
                $query,
                is_array($body) ? $body : [],
                $request->header('Authorization')[0] ?? '',
            );

            return Http::response($answer, $status);
        });
        foreach (Ecosystem::query()->get() as $one) {
            $one->update(['url' => "http://standin.test/ecosystems/{$one->key}", 'token' => 'token']);
        }
        foreach (BridgeBox::query()->get() as $one) {
            $one->update(['url' => "http://standin.test/boxes/{$one->key}", 'token' => 'token']);
        }
    }

    private function putAway(): void
    {
        $this->hands->forget();
        @rmdir($this->handsFolder);
    }

    /** @param array<string, mixed> $deed on the client's phone, at a panel or on the page of a box */
    private function byHand(array $deed): void
    {
        $this->hands->append(['do' => 'ecosystem', ...$deed]);
    }

    private function pass(int $seconds): void
    {
        $this->hands->append(['do' => 'advance', 'seconds' => $seconds]);
    }
}

<?php

declare(strict_types=1);

namespace Tests;

use App\Gateway\Listener;
use Illuminate\Http\Client\Request;
use Illuminate\Support\Facades\Http;
use Kavvel\Standin\House\House;
use Kavvel\Standin\Link\EcosystemApi;
use Kavvel\Standin\Link\GatewayApi;
use Kavvel\Standin\Time\Clockwork;
use Kavvel\Standin\Time\Fold;
use Kavvel\Standin\Time\HandLog;
use LogicException;

/** The stand-in house behind the gateway link, answered in this process, with a clock that can be advanced. */
trait WithStandin
{
    private static ?House $lanternHouse = null;

    private ?House $own = null;

    private ?HandLog $handLog = null;

    private bool $isAway = false;

    private int $answersToLose = 0;

    /** No device of the house is in yet */
    private bool $isNothingIn = false;

    protected function startStandin(): void
    {
        $this->handLog = new HandLog(sys_get_temp_dir().'/kavvel-feature-'.getmypid());
        $this->handLog->forget();
        $gateway = new GatewayApi($this->house(), $this->handLog, 'feature-token');
        $ecosystems = new EcosystemApi($this->house(), $this->handLog, 'feature-token');
        $job = $this->siteJob($this->houseOfTheCase() ?? 'lantern-house');
        $job->gateways()->first()?->update(['url' => 'http://gateway.invalid', 'token' => 'feature-token']);
        foreach (['ecosystems' => $job->ecosystems()->get(), 'boxes' => $job->bridgeBoxes()->get()] as $path => $all) {
            foreach ($all as $one) {
                $one->update(['url' => "http://standin.invalid/{$path}/{$one->key}", 'token' => 'feature-token']);
            }
        }
        Http::preventStrayRequests();
        Http::fake(function (Request $request) use ($gateway, $ecosystems) {
            if ($this->isAway) {
                return Http::failedConnection();
            }
            parse_str((string) parse_url($request->url(), PHP_URL_QUERY), $parsed);
            $query = array_combine(array_map(strval(...), array_keys($parsed)), $parsed);
            $path = (string) parse_url($request->url(), PHP_URL_PATH);
            [$status, $body] = (str_starts_with($path, '/v1/') ? $gateway : $ecosystems)->answer(
                $request->method(),
                $path,
                $query,
                (array) json_decode($request->body(), true),
                $request->header('Authorization')[0] ?? '',
            );

            if ($this->answersToLose-- > 0) {
                return Http::failedConnection();
            }

            return Http::response((string) json_encode($body), $status, ['Content-Type' => 'application/json']);
        });
        $this->listen();
    }

    /** The imaginary house, as it truly is. */
    protected function house(): House
    {
        if ($this->own !== null) {
            return $this->own;
        }
        $case = $this->houseOfTheCase();
        if ($case !== null) {
            return $this->own = House::read(
                (string) file_get_contents(database_path("demo/cases/{$case}.json")),
                (string) file_get_contents(database_path("demo/cases/{$case}.truth.json")),
            );
        }
        $demo = database_path('demo/lantern-house');
        if ($this->isNothingIn) {
            return $this->own = House::read($this->withoutNodes("{$demo}.json"), (string) file_get_contents("{$demo}.truth.json"));
        }

        return self::$lanternHouse ??= House::read(
            (string) file_get_contents("{$demo}.json"),
            (string) file_get_contents("{$demo}.truth.json"),
        );
    }

    /** One of docs/cases.md; null: that of the demo. */
    protected function houseOfTheCase(): ?string
    {
        return null;
    }

    /** Before it is started: a house in which no device is in, and a job that says so. */
    protected function nothingIsIn(): void
    {
        $this->isNothingIn = true;
        $this->siteJob()->slots()->update(['node_id' => null, 'name' => null, 'named_at' => null]);
        foreach (['proofResults', 'pairAttempts', 'meshReadings', 'nodes'] as $kept) {
            $this->siteJob()->{$kept}()->delete();
        }
    }

    private function withoutNodes(string $path): string
    {
        $job = json_decode((string) file_get_contents($path), true);
        foreach ($job['slots'] as $number => $slot) {
            $job['slots'][$number] = [...$slot, 'node' => null, 'name' => null, 'namedAt' => null];
        }

        return (string) json_encode([...$job, 'nodes' => [], 'attempts' => [], 'proofs' => [], 'meshReadings' => []]);
    }

    /** How it stands now. */
    protected function fold(): Fold
    {
        return (new Clockwork($this->house(), $this->handLog ?? throw new LogicException('The stand-in was not started.')))->now();
    }

    /** @param array<string, mixed> $deed what hands do */
    protected function hands(string $do, array $deed = []): void
    {
        $this->handLog?->append(['do' => $do, ...$deed]);
    }

    /** Lets time pass, and has Kavvel hear what the gateway has to say. */
    protected function pass(int $seconds): void
    {
        $this->hands('advance', ['seconds' => $seconds]);
        $this->listen();
    }

    protected function listen(): void
    {
        app(Listener::class)->pollAll();
    }

    /** The next answers are lost on the way, after the gateway has done what was asked. */
    protected function gatewayAnswersAreLost(int $answers): void
    {
        $this->answersToLose = $answers;
    }

    protected function gatewayIsAway(bool $away = true): void
    {
        $this->isAway = $away;
    }

    /** Opens the window, does the gesture, waits for the interview, and matches the node. */
    protected function pairHallRelay(): string
    {
        $this->post('/jobs/lantern-house/windows', ['slot' => 'hall-relay'])->assertRedirect();
        $this->hands('gesture', ['device' => 'hall-relay', 'kind' => 'press', 'times' => 3]);
        $this->pass(10);
        $address = (string) $this->siteJob()->nodes()->where('model', 'TW-RELAY-1')->where('state', 'joined')->value('address');
        $this->post('/jobs/lantern-house/slots/hall-relay/node', ['address' => $address])->assertRedirect();

        return $address;
    }
}

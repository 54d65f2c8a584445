<?php

declare(strict_types=1);

namespace App\Idempotency;

use Closure;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpFoundation\Response;

/**
 * A write that carries a key is stored once. The key goes in first, in the transaction of the write itself:
 * a twin waits for it, finds it taken, and gets the stored answer. Calls to the gateway belong after the commit.
 */
final readonly class StoreOnce
{
    private const FIELD = '_once';

    public function handle(Request $request, Closure $next): Response
    {
        $key = $request->input(self::FIELD);
        if ($request->isMethodSafe() || ! is_string($key) || preg_match('/^[A-Za-z0-9-]{8,64}$/', $key) !== 1) {
            return $next($request);
        }
        $userId = $request->user()?->getAuthIdentifier();
        $hash = $this->hash($request);
        try {
            return DB::transaction(static function () use ($request, $next, $userId, $key, $hash): Response {
                DB::table('idempotency_keys')->insert([
                    'user_id' => $userId, 'key' => $key, 'request_hash' => $hash, 'created_at' => now(),
                ]);
                $response = $next($request);
                if ($response->getStatusCode() >= 400) {
                    throw new NotStored($response);
                }
                DB::table('idempotency_keys')
                    ->where(['user_id' => $userId, 'key' => $key])
                    ->update(['answer' => json_encode(['location' => $response->headers->get('Location')])]);

                return $response;
            });
        } catch (NotStored $refused) {
            return $refused->response;
        } catch (UniqueConstraintViolationException $taken) {
            return $this->answerAgain($taken, $userId, $key, $hash);
        }
    }

    private function answerAgain(UniqueConstraintViolationException $taken, mixed $userId, string $key, string $hash): Response
    {
        $stored = DB::table('idempotency_keys')->where(['user_id' => $userId, 'key' => $key])->first();
        if ($stored === null) {
            throw $taken;
        }
        if (! hash_equals($stored->request_hash, $hash)) {
            throw KeyReused::withAnotherBody();
        }

        return new RedirectResponse((string) (json_decode((string) $stored->answer, true)['location'] ?? '/jobs'), 303);
    }

    private function hash(Request $request): string
    {
        $body = $request->except(['_token', self::FIELD]);
        ksort($body);

        return hash('sha256', $request->method().' '.$request->path().' '.json_encode($body));
    }
}

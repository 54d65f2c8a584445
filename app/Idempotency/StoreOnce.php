<?php

declare(strict_types=1);

namespace App\Idempotency;

use App\Vitals\Collision;
use Closure;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpFoundation\Response;

/**
 * Every write is one transaction, and one that carries a key is stored once. The key goes in first: a twin waits for it,
 * finds it taken, and gets the stored answer. A refused form leaves its key free. Calls to a hub belong after the commit.
 */
final readonly class StoreOnce
{
    private const FIELD = '_once';

    private const KEY = '/^[A-Za-z0-9-]{8,64}$/';

    /** Writers that stood in each other's way begin again, this often */
    private const TRIES = 5;

    public function handle(Request $request, Closure $next): Response
    {
        if ($request->isMethodSafe()) {
            return $next($request);
        }
        $key = $request->input(self::FIELD);
        $key = is_string($key) && preg_match(self::KEY, $key) === 1 ? $key : null;
        $userId = $request->user()?->getAuthIdentifier();
        $hash = RequestHash::of($request, self::FIELD);
        try {
            return DB::transaction(fn (): Response => $this->store($request, $next, $userId, $key, $hash), self::TRIES);
        } catch (NotStored $refused) {
            return $refused->response;
        } catch (UniqueConstraintViolationException $taken) {
            return $key === null ? throw $taken : $this->answerAgain($taken, $userId, $key, $hash);
        }
    }

    private function store(Request $request, Closure $next, mixed $userId, ?string $key, string $hash): Response
    {
        if ($key !== null) {
            DB::table('idempotency_keys')->insert([
                'user_id' => $userId, 'key' => $key, 'request_hash' => $hash, 'created_at' => now(),
            ]);
        }
        $response = $next($request);
        $this->raiseCollision($response);
        if ($this->isRefused($request, $response)) {
            throw new NotStored($response);
        }
        if ($key !== null) {
            DB::table('idempotency_keys')
                ->where(['user_id' => $userId, 'key' => $key])
                ->update(['answer' => json_encode(['location' => $response->headers->get('Location')])]);
        }

        return $response;
    }

    /** The router has made a page of it by now; the transaction has to see it to begin again. */
    private function raiseCollision(Response $response): void
    {
        $failure = $response->exception ?? null;
        if ($failure !== null && Collision::explains($failure)) {
            throw $failure;
        }
    }

    /** A page without script is led back to its form, with the errors. */
    private function isRefused(Request $request, Response $response): bool
    {
        $isNew = in_array('errors', (array) $request->session()->get('_flash.new', []), true);

        return $response->getStatusCode() >= 400 || $response->isRedirection() && $isNew;
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
}

<?php

declare(strict_types=1);

namespace App\Http;

use App\Editing\EditConflict;
use App\Editing\Refused;
use App\Idempotency\KeyReused;
use App\Outside\OutsideFailure;
use App\Vitals\Away;
use App\Vitals\Collision;
use App\Vitals\DatabaseAway;
use App\Vitals\Heartbeat;
use App\Vitals\Part;
use Illuminate\Auth\Access\AuthorizationException;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Arr;
use Illuminate\Validation\ValidationException;
use PDOException;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Throwable;

/** How failures look: a whole page by its own address, a message beside the work inside a fragment. */
final readonly class Errors
{
    /** A refusal is shown beside the work; what it was sent from stays as it is. */
    private const TO_NOTICE = [
        'HX-Retarget' => '#notice', 'HX-Reswap' => 'innerHTML', 'HX-Reselect' => '#message', 'HX-Push-Url' => 'false',
    ];

    public static function register(Exceptions $exceptions): void
    {
        $exceptions->dontFlash(['password', 'secret', 'code', 'pin']);
        $exceptions->dontReport([EditConflict::class, KeyReused::class, OutsideFailure::class, Refused::class]);
        // A database that is away fails every request of every open page: once a minute is enough to read.
        $exceptions->throttle(static fn (Throwable $failure): ?Limit => DatabaseAway::explains($failure) ? Limit::perMinute(1) : null);
        $exceptions->render(static fn (PDOException $failure): ?Response => match (true) {
            Collision::explains($failure) => response()->view('errors.busy', status: 503)->header('Retry-After', '2'),
            DatabaseAway::explains($failure) => self::databaseIsAway(),
            default => null,
        });
        $exceptions->map(Refused::class, static fn (Refused $refused) => $refused->asValidation());
        $exceptions->render(static function (AuthenticationException $exception, Request $request) {
            return self::isFragment($request) ? response('', 401)->header('HX-Redirect', route('sign-in')) : null;
        });
        $exceptions->render(static function (ValidationException $exception, Request $request) {
            return self::isFragment($request)
                ? self::notSaved($exception)
                : null;
        });
        $exceptions->render(static fn (EditConflict $conflict, Request $request) => response()
            ->view(self::isFragment($request) ? 'errors.conflict-fragment' : 'errors.conflict', ['conflict' => $conflict], 409)
                ->withHeaders(self::TO_NOTICE));
        $exceptions->render(static fn (KeyReused $reused, Request $request) => self::message(422, 'Not saved', [$reused->getMessage()]));
        $exceptions->render(static function (HttpExceptionInterface $exception, Request $request) {
            return match (true) {
                ! self::isFragment($request) => null,
                $exception->getStatusCode() === 419 => response('', 419)->header('HX-Redirect', route('sign-in')),
                default => self::message($exception->getStatusCode(), 'That did not work', [self::words($exception)]),
            };
        });
    }

    private static function databaseIsAway(): Response
    {
        $words = (new Away(Part::Database, Heartbeat::last(Part::Database)))->words();

        return response()->view('errors.away', ['words' => $words], 503)->header('Retry-After', '3');
    }

    /** Only a refusal that was written for people is shown: the framework's own words name classes and routes. */
    private static function words(HttpExceptionInterface $exception): string
    {
        return match ($exception->getStatusCode()) {
            403 => self::refusal($exception->getPrevious()) ?? 'Your role does not include this. Ask a lead.',
            405 => 'This address does not take what was sent.',
            422 => 'That can’t be read. Nothing was saved.',
            413 => 'That is too large. Nothing was saved.',
            429 => 'Too many tries. Wait a minute, then try again.',
            503 => 'Kavvel is being looked after. Try again in a minute.',
            default => 'There is nothing at this address, or it is not yours.',
        };
    }

    private static function refusal(?Throwable $why): ?string
    {
        return $why instanceof AuthorizationException ? $why->response()?->message() : null;
    }

    /** What was meant stands apart: a touch takes it. */
    private static function notSaved(ValidationException $exception): Response
    {
        $meant = $exception->errors()['meant'][0] ?? null;
        $lines = array_values(array_merge(...array_values(Arr::except($exception->errors(), 'meant'))));

        return self::message($exception->status, 'Not saved', $lines, $meant);
    }

    /** @param list<string> $lines */
    private static function message(int $status, string $title, array $lines, ?string $meant = null): Response
    {
        return response()
            ->view('errors.message', ['title' => $title, 'lines' => $lines, 'meant' => $meant], $status)
            ->withHeaders(self::TO_NOTICE);
    }

    private static function isFragment(Request $request): bool
    {
        return $request->headers->get('HX-Request') === 'true';
    }
}

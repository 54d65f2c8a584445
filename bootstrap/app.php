<?php

use App\Http\Errors;
use App\Http\Middleware\AnswerFragments;
use App\Http\Middleware\CleanInput;
use App\Http\Middleware\EnterCompany;
use App\Http\Middleware\KnownHost;
use App\Http\Middleware\SecurityHeaders;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(web: __DIR__.'/../routes/web.php', commands: __DIR__.'/../routes/console.php')
    ->withMiddleware(static function (Middleware $middleware): void {
        $middleware->prepend(KnownHost::class);
        $middleware->append(SecurityHeaders::class);
        $middleware->append(CleanInput::class);
        $middleware->encryptCookies(except: ['kavvel_theme']);
        $middleware->appendToGroup('web', AnswerFragments::class);
        $middleware->alias(['company' => EnterCompany::class]);
        $middleware->redirectGuestsTo('/sign-in');
        $middleware->redirectUsersTo('/jobs');
        $middleware->prependToPriorityList(\Illuminate\Routing\Middleware\SubstituteBindings::class, EnterCompany::class);
    })
    ->withExceptions(static fn (Exceptions $exceptions) => Errors::register($exceptions))
    ->create()
    ->useStoragePath(getenv('KAVVEL_STORAGE') ?: dirname(__DIR__).'/var/storage');

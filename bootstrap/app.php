<?php

use App\Http\Errors;
use App\Http\Middleware\AnswerAtOnce;
use App\Http\Middleware\AnswerFragments;
use App\Http\Middleware\CleanInput;
use App\Http\Middleware\EnterCompany;
use App\Http\Middleware\KnownHost;
use App\Http\Middleware\SecurityHeaders;
use App\Http\Middleware\StartSession;
use App\Http\Middleware\TellPatience;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Routing\Middleware\SubstituteBindings;
use Illuminate\Session\Middleware\StartSession as FrameworkStartSession;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(web: __DIR__.'/../routes/web.php', commands: __DIR__.'/../routes/console.php')
    ->withMiddleware(static function (Middleware $middleware): void {
        $middleware->prepend(KnownHost::class);
        $middleware->prepend(TellPatience::class);
        $middleware->append(SecurityHeaders::class);
        $middleware->append(CleanInput::class);
        $middleware->encryptCookies(except: ['kavvel_theme']);
        $middleware->replaceInGroup('web', FrameworkStartSession::class, StartSession::class);
        $middleware->appendToGroup('web', AnswerFragments::class);
        $middleware->alias(['company' => EnterCompany::class]);
        $middleware->redirectGuestsTo('/sign-in');
        $middleware->redirectUsersTo('/jobs');
        $middleware->prependToPriorityList(SubstituteBindings::class, EnterCompany::class);
        $middleware->prependToPriorityList(SubstituteBindings::class, AnswerAtOnce::class);
    })
    ->withExceptions(static fn (Exceptions $exceptions) => Errors::register($exceptions))
    ->create()
    ->useStoragePath(getenv('KAVVEL_STORAGE') ?: dirname(__DIR__).'/var/storage');

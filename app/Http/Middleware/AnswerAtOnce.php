<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Http\Request;
use Illuminate\Routing\Pipeline;
use Illuminate\Routing\Route;
use Illuminate\Routing\Router;
use Illuminate\Support\Facades\Facade;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\Response;

/**
 * A form that was sent by script is answered with the page that it leads to, and not with that page's address: on a weak
 * link one way there and back is half the wait. What is done and stored is the same; pages without script are redirected.
 */
final readonly class AnswerAtOnce
{
    public function __construct(private Application $app, private Router $router) {}

    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        $address = (string) $response->headers->get('Location');
        $isOurs = Str::startsWith($address, $request->getSchemeAndHttpHost().'/');
        if ($response->getStatusCode() !== Response::HTTP_SEE_OTHER || ! $request->headers->has('HX-Request') || ! $isOurs) {
            return $response;
        }
        $page = $this->pageRequest($request, $address);
        $route = $this->router->getRoutes()->match($page);
        $rest = $this->afterThis($route);

        return $rest === null ? $response : $this->show($page, $route, $rest);
    }

    /** As the browser would have asked for it, by the same person in the same session. */
    private function pageRequest(Request $form, string $address): Request
    {
        $ofContent = ['CONTENT_TYPE' => '', 'CONTENT_LENGTH' => '', 'HTTP_CONTENT_TYPE' => '', 'HTTP_CONTENT_LENGTH' => ''];
        $server = array_diff_key($form->server->all(), $ofContent);
        $page = Request::create($address, 'GET', [], $form->cookies->all(), [], $server);
        $page->setLaravelSession($form->session());
        $page->setUserResolver($form->getUserResolver());

        return $page;
    }

    /**
     * Who asks is known by now: only what comes after that is left to do for the page.
     *
     * @return list<string>|null null where the page is not one of ours that people sign in for
     */
    private function afterThis(Route $route): ?array
    {
        $all = array_values($this->router->gatherRouteMiddleware($route));
        $place = array_search(self::class, $all, true);

        return $place === false ? null : array_slice($all, $place + 1);
    }

    /** @param list<string> $middleware */
    private function show(Request $page, Route $route, array $middleware): Response
    {
        // What the form had to say is for this page, as if the session had been stored and opened again.
        $page->session()->ageFlashData();
        $page->setRouteResolver(static fn (): Route => $route);
        $this->app->instance('request', $page);
        $this->app->instance(Route::class, $route);
        Facade::clearResolvedInstance('request');
        $answer = (new Pipeline($this->app))->send($page)->through($middleware)
            ->then(fn (Request $request): Response => $this->router->prepareResponse($request, $route->run()));
        if ($page->headers->has('HX-Boosted')) {
            $answer->headers->set('HX-Push-Url', $page->getRequestUri());
        }

        return $answer;
    }
}

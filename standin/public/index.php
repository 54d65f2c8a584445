<?php

declare(strict_types=1);

use Kavvel\Standin\Hands\HandsPage;
use Kavvel\Standin\Hands\PhonePage;
use Kavvel\Standin\House\Houses;
use Kavvel\Standin\Link\EcosystemApi;
use Kavvel\Standin\Link\GatewayApi;
use Kavvel\Standin\Time\HandLog;

$path = (string) parse_url((string) $_SERVER['REQUEST_URI'], PHP_URL_PATH);
if (in_array($path, ['/hands.css', '/hands.js'], true)) {
    return false;
}

require __DIR__.'/../autoload.php';

$asked = Houses::asked(
    $path,
    (string) getenv('KAVVEL_STANDIN_JOB'),
    (string) getenv('KAVVEL_STANDIN_OVERLAY'),
    (string) getenv('KAVVEL_STANDIN_STATE'),
);
if ($asked === null) {
    http_response_code(404);
    echo 'There is no such house.';

    return;
}
$house = $asked->house();
$log = new HandLog($asked->state);
$path = $asked->path;
$method = (string) $_SERVER['REQUEST_METHOD'];

$isOfEcosystems = preg_match('#^/(ecosystems|boxes)/[^/]+/v1/#', $path) === 1;
if ($isOfEcosystems || str_starts_with($path, '/v1/')) {
    $body = json_decode((string) file_get_contents('php://input'), true);
    $token = (string) getenv('KAVVEL_STANDIN_TOKEN');
    $api = $isOfEcosystems ? new EcosystemApi($house, $log, $token) : new GatewayApi($house, $log, $token);
    [$status, $answer] = $api->answer($method, $path, $_GET, is_array($body) ? $body : [], (string) ($_SERVER['HTTP_AUTHORIZATION'] ?? ''));
    http_response_code($status);
    header('Content-Type: application/json');
    echo json_encode($answer, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR);

    return;
}

$hands = new HandsPage($house, $log, $asked->base);
$phone = new PhonePage($house, $log, $asked->base);
header("Content-Security-Policy: default-src 'none'; style-src 'self'; script-src 'self'; connect-src 'self'; form-action 'self'; "
    ."frame-ancestors 'none'");
if ($path === '/hands/live') {
    header('Content-Type: application/json');
    echo json_encode($hands->live(), JSON_THROW_ON_ERROR);
} elseif ($method === 'POST' && ! HandsPage::isSentByItself($_SERVER)) {
    http_response_code(403);
    echo 'Only the page of the hands moves them.';
} elseif ($path === '/hands' && $method === 'POST') {
    $hands->act($_POST);
    header("Location: {$asked->base}/hands?device=".rawurlencode((string) ($_POST['device'] ?? '')), true, 303);
} elseif ($path === '/phone' && $method === 'POST') {
    $phone->act($_POST);
    header("Location: {$asked->base}/phone?at=".rawurlencode((string) ($_POST['of'] ?? $_POST['box'] ?? '')), true, 303);
} elseif ($path === '/phone') {
    echo $phone->html((string) ($_GET['at'] ?? ''));
} elseif ($path === '/hands') {
    echo $hands->html((string) ($_GET['device'] ?? ''));
} else {
    header("Location: {$asked->base}/hands", true, 302);
}

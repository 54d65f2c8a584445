<?php

declare(strict_types=1);

use App\Http\Controllers;
use App\Idempotency\StoreOnce;
use Illuminate\Support\Facades\Route;

Route::redirect('/', '/jobs');

Route::middleware('guest')->group(static function (): void {
    Route::get('/sign-in', [Controllers\Account\SessionController::class, 'create'])->name('sign-in');
    Route::post('/sign-in', [Controllers\Account\SessionController::class, 'store']);
});

Route::middleware(['auth', 'company', StoreOnce::class])->group(static function (): void {
    Route::post('/sign-out', [Controllers\Account\SessionController::class, 'destroy'])->name('sign-out');
    Route::get('/bare', Controllers\Account\BareController::class)->name('bare');
    Route::put('/keys', [Controllers\Account\SingleKeysController::class, 'update'])->name('keys.update');

    Route::get('/jobs', [Controllers\Jobs\JobController::class, 'index'])->name('jobs.index');
    Route::post('/jobs', [Controllers\Jobs\JobController::class, 'store'])->name('jobs.store');

    Route::prefix('/jobs/{job}')->middleware('can:view,job')->scopeBindings()->group(static function (): void {
        Route::get('/', [Controllers\Jobs\JobController::class, 'show'])->name('jobs.show');
        Route::get('/survey', Controllers\Survey\SurveyController::class)->name('jobs.survey');
        Route::get('/pair', Controllers\Pair\PairController::class)->name('jobs.pair');
        Route::get('/name', Controllers\Name\NameController::class)->name('jobs.name');
        Route::get('/mesh', Controllers\Mesh\MeshController::class)->name('jobs.mesh');
        Route::get('/hand-over', Controllers\HandOver\HandOverController::class)->name('jobs.hand-over');
        Route::get('/export', [Controllers\Jobs\JobFileController::class, 'show'])->name('jobs.export');
        Route::get('/plan/{storey:key}.svg', Controllers\Bench\PlanController::class)->name('jobs.plan');
        Route::get('/logbook', [Controllers\Bench\LogbookController::class, 'index'])->name('jobs.logbook');
        Route::get('/snags', [Controllers\Bench\SnagController::class, 'index'])->name('jobs.snags');
        Route::get('/find', Controllers\Bench\FindController::class)->name('jobs.find');
        Route::get('/packs/{pack:number}', [Controllers\HandOver\PackController::class, 'show'])->name('jobs.packs.show');
        Route::put('/client', [Controllers\Jobs\ClientController::class, 'update'])->middleware('can:editClient,job')->name('jobs.client.update');
        Route::put('/visit', [Controllers\Jobs\VisitController::class, 'update'])->middleware('can:editClient,job')->name('jobs.visit.update');

        Route::middleware('can:work,job')->group(static function (): void {
            Route::post('/logbook', [Controllers\Bench\LogbookController::class, 'store'])->name('jobs.logbook.store');
            Route::post('/windows', [Controllers\Pair\JoinWindowController::class, 'store'])->name('jobs.windows.store');
            Route::delete('/windows/{joinWindow:reference}', [Controllers\Pair\JoinWindowController::class, 'destroy'])->name('jobs.windows.destroy');
            Route::put('/attempts/{pairAttempt:id}', [Controllers\Pair\PairAttemptController::class, 'update'])->name('jobs.attempts.update');
            Route::post('/slots', [Controllers\Survey\SlotController::class, 'store'])->name('jobs.slots.store');
            Route::put('/slots/{slot}', [Controllers\Survey\SlotController::class, 'update'])->name('jobs.slots.update');
            Route::delete('/slots/{slot}', [Controllers\Survey\SlotController::class, 'destroy'])->name('jobs.slots.destroy');
            Route::post('/slots/{slot}/put-off', [Controllers\Pair\PutOffController::class, 'store'])->name('jobs.slots.put-off');
            Route::post('/slots/{slot}/node', [Controllers\Pair\NodeMatchController::class, 'store'])->name('jobs.slots.node.store');
            Route::delete('/slots/{slot}/node', [Controllers\Pair\NodeMatchController::class, 'destroy'])->name('jobs.slots.node.destroy');
            Route::post('/slots/{slot}/hand-pairing', [Controllers\Pair\HandPairingController::class, 'store'])->name('jobs.slots.hand-pairing.store');
            Route::put('/slots/{slot}/name', [Controllers\Name\SlotNameController::class, 'update'])->name('jobs.slots.name.update');
            Route::post('/slots/{slot}/proofs', [Controllers\Bench\ProofController::class, 'store'])->name('jobs.slots.proofs.store');
            Route::post('/slots/{slot}/proof-commands', [Controllers\Bench\ProofCommandController::class, 'store'])->name('jobs.slots.proof-commands.store');
            Route::post('/slots/{slot}/credentials', [Controllers\Bench\CredentialController::class, 'store'])->name('jobs.slots.credentials.store');
            Route::post('/slots/{slot}/credentials/{credential:id}', [Controllers\Bench\CredentialController::class, 'show'])->name('jobs.slots.credentials.show');
            Route::post('/radio-surveys', [Controllers\Mesh\MeshReadingController::class, 'store'])->name('jobs.radio-surveys.store');
            Route::post('/relays', [Controllers\Mesh\RelayController::class, 'store'])->name('jobs.relays.store');
            Route::post('/snags', [Controllers\Bench\SnagController::class, 'store'])->name('jobs.snags.store');
            Route::put('/snags/{snag:key}', [Controllers\Bench\SnagController::class, 'update'])->name('jobs.snags.update');
            Route::put('/questions/{question:key}', [Controllers\Survey\QuestionController::class, 'update'])->name('jobs.questions.update');
        });

        Route::middleware('can:lead,job')->group(static function (): void {
            Route::put('/rules', [Controllers\Survey\JobRulesController::class, 'update'])->name('jobs.rules.update');
            Route::post('/snags/{snag:key}/acceptance', [Controllers\HandOver\SnagAcceptanceController::class, 'store'])->name('jobs.snags.acceptance.store');
            Route::post('/packs', [Controllers\HandOver\PackController::class, 'store'])->name('jobs.packs.store');
        });
    });
});

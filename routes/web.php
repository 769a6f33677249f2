<?php

declare(strict_types=1);

use App\Build\Http\PlanController;
use App\Build\Http\PlanDraftController;
use App\Build\Http\PlanSheetController;
use App\Build\Http\PlanVersionController;
use App\Build\Http\WaiverController;
use App\Clients\Http\AttachmentController;
use App\Clients\Http\ClientController;
use App\Clients\Http\ContactController;
use App\Clients\Http\PassageController;
use App\Clients\Http\PeopleController;
use App\Clients\Http\RoomController;
use App\Clients\Http\SiteCodeController;
use App\Clients\Http\SiteController;
use App\Front\Http\AuditController;
use App\Front\Http\TypeToGoController;
use App\House\Http\RuleController;
use App\Systems\Http\BandController;
use App\Systems\Http\ItemController;
use App\Systems\Http\LogController;
use App\Systems\Http\OwnParameterController;
use App\Systems\Http\ReadingController;
use App\Systems\Http\StandingNoteController;
use App\Systems\Http\SystemAttachmentController;
use App\Systems\Http\SystemController;
use App\Team\Http\MailCatcherController;
use App\Team\Http\PasswordResetController;
use App\Team\Http\SessionController;
use App\Team\Http\SettingsController;
use Illuminate\Support\Facades\Route;

Route::middleware('guest')->group(function (): void {
    Route::get('/sign-in', [SessionController::class, 'create'])->name('sign-in');
    Route::post('/sign-in', [SessionController::class, 'store'])->middleware('throttle:sign-in')->name('sign-in.store');
    Route::get('/forgot-password', [PasswordResetController::class, 'create'])->name('password.request');
    Route::post('/forgot-password', [PasswordResetController::class, 'store'])->middleware('throttle:mail')->name('password.email');
    Route::get('/reset-password/{token}', [PasswordResetController::class, 'edit'])->name('password.reset');
    Route::post('/reset-password', [PasswordResetController::class, 'update'])->middleware('throttle:mail')->name('password.update');
});

Route::middleware('auth')->group(function (): void {
    Route::redirect('/', '/systems')->name('home');
    Route::post('/sign-out', [SessionController::class, 'destroy'])->name('sign-out');
    Route::get('/go', TypeToGoController::class)->name('go');
    Route::get('/rules', [RuleController::class, 'index'])->name('rules');
    Route::get('/rules/{number}', [RuleController::class, 'show'])->name('rules.show');

    Route::get('/settings', [SettingsController::class, 'show'])->name('settings');
    Route::put('/settings', [SettingsController::class, 'update'])->name('settings.update');
    Route::put('/settings/password', [SettingsController::class, 'password'])->middleware('throttle:sign-in')->name('settings.password');
    Route::get('/settings/people', [PeopleController::class, 'index'])->name('people');
    Route::post('/settings/people', [PeopleController::class, 'store'])->name('people.store');
    Route::post('/settings/people/{user}/archive', [PeopleController::class, 'archive'])->name('people.archive');
    Route::get('/settings/parameters', [OwnParameterController::class, 'index'])->name('parameters');
    Route::post('/settings/parameters', [OwnParameterController::class, 'store'])->name('parameters.store');
    Route::post('/settings/parameters/{own}/archive', [OwnParameterController::class, 'archive'])->name('parameters.archive');
    Route::get('/settings/mail', MailCatcherController::class)->name('mail');
    Route::get('/settings/audit', AuditController::class)->name('audit');

    Route::get('/places', [ClientController::class, 'index'])->name('places');
    Route::post('/clients', [ClientController::class, 'store'])->name('clients.store');
    Route::get('/clients/{client}', [ClientController::class, 'show'])->name('clients.show');
    Route::put('/clients/{client}', [ClientController::class, 'update'])->name('clients.update');
    Route::post('/clients/{client}/archive', [ClientController::class, 'archive'])->name('clients.archive');
    Route::post('/clients/{client}/contacts', [ContactController::class, 'store'])->name('contacts.store');
    Route::put('/contacts/{contact}', [ContactController::class, 'update'])->name('contacts.update');
    Route::post('/contacts/{contact}/archive', [ContactController::class, 'archive'])->name('contacts.archive');
    Route::post('/clients/{client}/sites', [SiteController::class, 'store'])->name('sites.store');
    Route::get('/sites/{site}', [SiteController::class, 'show'])->name('sites.show');
    Route::put('/sites/{site}', [SiteController::class, 'update'])->name('sites.update');
    Route::post('/sites/{site}/archive', [SiteController::class, 'archive'])->name('sites.archive');
    Route::get('/sites/{site}/systems', [SystemController::class, 'side'])->name('sites.systems');
    Route::post('/sites/{site}/rooms', [RoomController::class, 'store'])->name('rooms.store');
    Route::put('/rooms/{room}', [RoomController::class, 'update'])->name('rooms.update');
    Route::post('/rooms/{room}/archive', [RoomController::class, 'archive'])->name('rooms.archive');
    Route::put('/sites/{site}/passages', [PassageController::class, 'update'])->name('passages.update');
    Route::post('/sites/{site}/codes', [SiteCodeController::class, 'store'])->name('codes.store');
    Route::post('/codes/{code}/reveal', [SiteCodeController::class, 'reveal'])->middleware('throttle:mail')->name('codes.reveal');
    Route::post('/codes/{code}/archive', [SiteCodeController::class, 'archive'])->name('codes.archive');

    Route::post('/sites/{site}/attachments', [AttachmentController::class, 'storeForSite'])->name('sites.attachments.store');
    Route::post('/systems/{system}/attachments', SystemAttachmentController::class)->name('systems.attachments.store');
    Route::get('/attachments/{attachment}', [AttachmentController::class, 'show'])->name('attachments.show');
    Route::post('/attachments/{attachment}/archive', [AttachmentController::class, 'archive'])->name('attachments.archive');

    Route::get('/plans', [PlanController::class, 'index'])->name('plans');
    Route::post('/sites/{site}/plans', [PlanController::class, 'store'])->name('plans.store');
    Route::get('/plans/{plan}', [PlanController::class, 'show'])->name('plans.show');
    Route::put('/plans/{plan}', [PlanController::class, 'update'])->name('plans.update');
    Route::post('/plans/{plan}/archive', [PlanController::class, 'archive'])->name('plans.archive');
    Route::post('/plans/{plan}/draft', [PlanDraftController::class, 'store'])->name('plans.draft');
    Route::get('/plans/{plan}/compare', [PlanVersionController::class, 'compare'])->name('plans.compare');
    Route::post('/plans/{plan}/versions', [PlanVersionController::class, 'store'])->name('versions.store');
    Route::get('/plan-versions/{version}', [PlanVersionController::class, 'show'])->name('versions.show');
    Route::post('/plan-versions/{version}/accept', [PlanVersionController::class, 'accept'])->name('versions.accept');
    Route::post('/plan-versions/{version}/waivers', [WaiverController::class, 'store'])->name('waivers.store');
    Route::get('/plan-versions/{version}/sheet.pdf', PlanSheetController::class)->name('versions.sheet');

    Route::get('/systems', [SystemController::class, 'index'])->name('systems');
    Route::post('/sites/{site}/systems', [SystemController::class, 'store'])->name('systems.store');
    Route::get('/systems/{system}/{tab?}', [SystemController::class, 'show'])->where('tab', 'register|readings|regime|log|papers')->name('systems.show');
    Route::put('/systems/{system}', [SystemController::class, 'update'])->name('systems.update');
    Route::put('/systems/{system}/facts', [SystemController::class, 'facts'])->name('systems.facts');
    Route::post('/systems/{system}/archive', [SystemController::class, 'archive'])->name('systems.archive');
    Route::post('/systems/{system}/readings', [ReadingController::class, 'store'])->name('readings.store');
    Route::post('/readings/{reading}/mark', [ReadingController::class, 'mark'])->name('readings.mark');
    Route::put('/systems/{system}/bands/{parameter}', [BandController::class, 'update'])->name('bands.update');
    Route::post('/systems/{system}/notes', [StandingNoteController::class, 'store'])->name('notes.store');
    Route::post('/notes/{note}/archive', [StandingNoteController::class, 'archive'])->name('notes.archive');
    Route::post('/systems/{system}/log', [LogController::class, 'store'])->name('log.store');
    Route::post('/systems/{system}/items', [ItemController::class, 'store'])->name('items.store');
    Route::put('/items/{item}', [ItemController::class, 'update'])->name('items.update');
    Route::post('/items/{item}/retire', [ItemController::class, 'retire'])->name('items.retire');
});

<?php

use App\Door\DeviceAccess;
use App\Http\KnownNames;
use App\Http\StaticFile;

// What PHP's own web server runs for each request. A file that ships with the application is sent from here to who may have it;
// all else, and all that is to be refused, is for the application.
require __DIR__.'/../vendor/autoload.php';

header_remove('X-Powered-By');
$path = rawurldecode((string) parse_url((string) $_SERVER['REQUEST_URI'], PHP_URL_PATH));
$isKnown = KnownNames::has((string) ($_SERVER['HTTP_HOST'] ?? ''), KnownNames::with((string) getenv('APP_HOSTS')));
$door = getenv('AT_THE_DOOR');
$isLetIn = $door === false || $door === '' || DeviceAccess::in($door)->knows((string) ($_COOKIE[DeviceAccess::COOKIE] ?? ''));
$isAsked = in_array($_SERVER['REQUEST_METHOD'], ['GET', 'HEAD'], true);
$file = $isKnown && $isLetIn && $isAsked ? StaticFile::at(dirname(__DIR__).'/public', $path) : null;
if ($file !== null) {
    $file->send((string) ($_SERVER['HTTP_ACCEPT_ENCODING'] ?? ''));

    return true;
}
// Else the server passes the address of a file that is there, but not to be sent, for where the application is.
$_SERVER['SCRIPT_NAME'] = $_SERVER['PHP_SELF'] = '/index.php';
require __DIR__.'/../public/index.php';

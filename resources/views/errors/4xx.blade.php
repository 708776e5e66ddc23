@include('errors.layout', [
    'title' => 'That cannot be shown',
    'says' => $exception->getStatusCode() === 419
        ? 'This page was open too long. Nothing was changed; open it again and do it once more.'
        : 'The page is not there, or not for this device. Nothing was changed.',
])

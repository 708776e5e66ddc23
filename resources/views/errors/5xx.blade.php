@include('errors.layout', [
    'title' => 'Something went wrong',
    'says' => 'The page could not be made. Nothing was changed, and your table is as it was. What went wrong is written in storage/logs.',
])

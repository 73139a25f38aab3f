<x-paper :title="__('solos.sheet', ['school' => $school->name])">
@foreach ($pages as $page)
    @include('solos.page')
@endforeach
</x-paper>

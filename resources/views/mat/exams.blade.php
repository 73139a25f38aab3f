<section class="slab-dark mb-3" x-cloak x-show="hasExams" aria-labelledby="exams-title">
<h2 id="exams-title">{{ __('mat.exam.run') }}</h2>
<p>{{ __('mat.exam.lead') }}</p>
<template x-for="entry in exams" x-bind:key="entry.id">
    <button type="button" class="go" x-bind:data-exam="entry.id" x-on:click="openExam" x-text="entry.title"></button>
</template>
</section>

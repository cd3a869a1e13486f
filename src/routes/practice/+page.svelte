<script lang="ts">
	import LessonList from '$lib/ui/practice/LessonList.svelte';
</script>

<svelte:head><title>Practice · Tomble</title></svelte:head>
<LessonList />

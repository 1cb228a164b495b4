CREATE TABLE "jobs" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"title" text NOT NULL,
	"revision" integer NOT NULL,
	"history" jsonb NOT NULL,
	"demo" text,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"saved_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "jobs_demo_unique" UNIQUE("demo")
);
--> statement-breakpoint
CREATE TABLE "revisions" (
	"job_id" uuid NOT NULL,
	"revision" integer NOT NULL,
	"format_version" integer NOT NULL,
	"plan" jsonb NOT NULL,
	"edits" jsonb NOT NULL,
	"saved_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "revisions_job_id_revision_pk" PRIMARY KEY("job_id","revision")
);
--> statement-breakpoint
ALTER TABLE "revisions" ADD CONSTRAINT "revisions_job_id_jobs_id_fk" FOREIGN KEY ("job_id") REFERENCES "public"."jobs"("id") ON DELETE cascade ON UPDATE no action;
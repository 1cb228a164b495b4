ALTER TABLE "revisions" ADD COLUMN "parts" integer;--> statement-breakpoint
ALTER TABLE "revisions" ADD COLUMN "answer" jsonb;--> statement-breakpoint
ALTER TABLE "revisions" ADD COLUMN "answered_by" text;